"""What is special to the native package: what lies beside its words, what makes it sound, and its earlier versions."""
