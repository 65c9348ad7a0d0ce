"""The style sheet of the widgets, with the names of a theme's colours where its colours go."""

from string import Template

STYLE = Template(
    """
QMainWindow, QMainWindow::separator { background: $oat; }
QMainWindow::separator { width: 6px; height: 6px; }
QMenuBar { background: $oat; padding: 1px 8px; }
QMenuBar::item { padding: 3px 9px; border-radius: 4px; background: transparent; }
QMenuBar::item:selected { background: $selected_pale; }
QMenu { background: $paper; border: 1px solid $line; padding: 4px; }
QMenu::item { padding: 4px 26px 4px 10px; border-radius: 4px; }
QMenu::item:selected { background: $selected_pale; color: $ink; }
QMenu::item:disabled { color: $dim; }
QMenu::separator { height: 1px; background: $rule; margin: 4px 8px; }
QDockWidget { font-weight: 700; }
QDockWidget::title { background: $panel; padding: 7px 12px 3px 12px; border-top: 1px solid $line; }
QToolTip { background: $ink; color: $paper; border: none; padding: 5px 8px; }
QTreeView, QListView { background: $panel; border: none; outline: none; }
QTreeView::item, QListView::item { padding: 2px 0; border: 1px solid transparent; }
QTreeView::item:hover, QListView::item:hover { background: $row_hover; }
QTreeView::item:selected, QListView::item:selected {
  background: $selected_pale; color: $ink; border-top: 1px solid $selected; border-bottom: 1px solid $selected; }
QTreeView::branch { background: transparent; }
QTreeView::branch:has-children:closed { image: url($icons/chevron-right.svg); }
QTreeView::branch:has-children:open { image: url($icons/chevron-down.svg); }
QLineEdit, QDoubleSpinBox, QComboBox {
  background: $paper; border: 1px solid $line; border-radius: 5px; padding: 2px 7px; min-height: 20px;
  selection-background-color: $selected; selection-color: $on_selected; }
QLineEdit:focus, QDoubleSpinBox:focus, QComboBox:focus { border: 2px solid $selected; padding: 1px 6px; }
QLineEdit:disabled, QDoubleSpinBox:disabled, QComboBox:disabled { background: $unusable; color: $dim; }
QAbstractSpinBox QLineEdit, QAbstractSpinBox QLineEdit:focus {
  border: none; padding: 0 7px; background: transparent; min-height: 0; }
QHeaderView::section { background: $panel; border: none; border-bottom: 1px solid $line; padding: 4px 6px; font-weight: 700; }
QTreeView QLineEdit { padding: 0 3px; min-height: 18px; }
QDoubleSpinBox::up-button { subcontrol-origin: border; subcontrol-position: top right; width: 1px; height: 1px; border: none; }
QDoubleSpinBox::down-button { subcontrol-origin: border; subcontrol-position: bottom right; width: 1px; height: 1px; border: none; }
QComboBox::drop-down { border: none; width: 18px; }
QComboBox::down-arrow { image: url($icons/chevron-down.svg); width: 12px; height: 12px; }
QComboBox QAbstractItemView { background: $paper; border: 1px solid $line; }
QPushButton, QToolButton {
  background: $paper; border: 1px solid $line; border-radius: 6px; padding: 4px 12px; color: $ink; }
QToolButton { padding: 3px 6px; }
QPushButton:hover, QToolButton:hover { background: $hover; border-color: $edge; }
QPushButton:pressed, QToolButton:pressed { background: $pressed; }
QPushButton:focus, QToolButton:focus { border: 2px solid $selected; padding: 3px 11px; }
QToolButton:focus { padding: 2px 5px; }
QPushButton:disabled, QToolButton:disabled { background: $unusable; color: $dim; border-color: $unusable_line; }
QPushButton#main { background: #B8432B; border: 1px solid #8F3320; color: $on_main; font-weight: 700; padding: 6px 14px; }
QPushButton#main:hover { background: #A43A24; }
QPushButton#main:focus { border: 2px solid $ink; padding: 5px 13px; }
QPushButton#main:disabled { background: #D9C8BC; border-color: #CDBBAE; color: #6E655C; }
QToolButton:checked { background: $selected_pale; border: 1px solid $selected; }
QToolButton#plain { border: 1px solid transparent; background: transparent; }
QToolButton#plain:hover { background: $hover; }
QToolButton#tool { border: 1px solid transparent; background: transparent; padding: 4px 9px; border-radius: 6px; }
QToolButton#tool:hover { background: $hover; }
QToolButton#tool:checked { background: $selected_pale; border: 1px solid $selected; }
QToolButton#tool:focus { border: 2px solid $selected; padding: 3px 8px; }
QFrame#toolrow { background: $tray; border: 1px solid $line; border-radius: 9px; }
QFrame#hints { background: $panel; border-top: 1px solid $line; }
QFrame#popover { background: $paper; border: 1px solid $edge; border-radius: 8px; }
QToolBar#stations { border: none; padding: 0; background: $oat; }
QScrollArea#diagram { background: $panel; }
QFrame#popover QScrollArea, QFrame#popover QScrollArea > QWidget > QWidget { background: $paper; }
QDialog { background: $panel; }
QLabel#quiet { color: $quiet; }
QLabel#title { font-weight: 700; }
QScrollBar:vertical { background: transparent; width: 11px; margin: 2px; }
QScrollBar::handle:vertical { background: $handle; border-radius: 3px; min-height: 28px; }
QScrollBar::handle:vertical:hover { background: $handle_hover; }
QScrollBar:horizontal { background: transparent; height: 11px; margin: 2px; }
QScrollBar::handle:horizontal { background: $handle; border-radius: 3px; min-width: 28px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
QScrollArea { border: none; background: transparent; }
QCheckBox { spacing: 7px; }
"""
)
