import sys

from umbrite.cli import main

sys.exit(main())
