"""How the site is made by Sphinx; scripts/make_site.py gathers its pages beside a copy of this file."""

from umbrite import __version__

project = "Umbrite"
author = "the Umbrite developers"
copyright = author  # noqa: A001  Sphinx asks for it under this name
release = version = __version__
extensions = ["myst_parser", "sphinx.ext.autodoc"]
myst_heading_anchors = 3
autodoc_member_order = "bysource"
autodoc_typehints_format = "short"
html_theme = "furo"
html_title = f"Umbrite {__version__}"
html_static_path = ["static"]
html_css_files = ["umbrite.css"]
html_logo = "static/umbrite.svg"
html_favicon = "static/umbrite.svg"
html_copy_source = False
html_show_sphinx = False
html_theme_options = {
    "light_css_variables": {
        "font-stack": "'Alegreya Sans', sans-serif", "color-background-primary": "#fbf7ee", "color-background-secondary": "#f3eadb",
        "color-brand-primary": "#8a2f28", "color-brand-content": "#8a2f28", "color-foreground-primary": "#2f2926",
    },
    "dark_css_variables": {"font-stack": "'Alegreya Sans', sans-serif", "color-brand-primary": "#e39a6f", "color-brand-content": "#e39a6f"},
}  # fmt: skip
