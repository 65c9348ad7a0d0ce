"""The application: window, stations, board, panels and dialogs.

One `Session` owns the puppet, the pose, the selection, the station and the history; views ask it for edits and
listen to its signals. Gestures are generators apart from the widgets.
"""
