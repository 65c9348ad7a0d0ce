# Everything a fresh machine needs: make demo, make test. Both set up what they use.
PYTHON ?= python3
VENV := .venv
BIN := $(VENV)/bin
TRANSLATIONS := src/umbrite/desk/assets/translations
LANGUAGES := de es fr
WORDS := $(LANGUAGES:%=$(TRANSLATIONS)/umbrite_%.qm)
PIP_QUIET := --quiet --disable-pip-version-check --no-input

.PHONY: demo wheel deb appdir flatpak docs walks test quick test-long test-core journeys lint man bench assets screenshots sizes words wasm lock clean

demo: $(VENV)/run.stamp $(WORDS)
	@sh scripts/system_packages.sh window
	@sh scripts/demo.sh

# All of it, two things at a time; the journeys run beside them. A table at the end shows how long each part took.
test: $(VENV)/dev.stamp .venv-core/stamp $(WORDS)
	@sh scripts/system_packages.sh tests
	@sh scripts/gltf_validator.sh
	@.venv-core/bin/python -c "import importlib.util as u, sys; sys.exit(u.find_spec('PySide6') is not None)"
	@$(BIN)/python scripts/run_tests.py

# Lint, and the tests that changes since the last run can affect; the first run goes through all of them.
quick: $(VENV)/dev.stamp $(WORDS)
	@$(BIN)/python scripts/run_tests.py quick

# More of the same: the long cases, far more mutated files, kills and random edits.
test-long: $(VENV)/dev.stamp
	QT_QPA_PLATFORM=offscreen UMBRITE_MUTATIONS=10000 UMBRITE_KILLS=100 UMBRITE_EXAMPLES=600 \
	  $(BIN)/python -m pytest -q -n 2 -m "not journey" tests  # in one go, long cases included

journeys: $(VENV)/dev.stamp
	@sh scripts/journeys.sh

# The core's own tests in an environment that has no Qt at all.
test-core: .venv-core/stamp
	@$(BIN)/python scripts/run_tests.py files art "rig and motion"

# What is installed elsewhere: dist/umbrite-*.whl.
wheel: $(VENV)/dev.stamp $(WORDS)
	rm -f dist/umbrite-*.whl
	$(BIN)/python -m hatchling build -t wheel -d dist

# A Debian package that carries its environment: dist/umbrite_*.deb; tried with apt by make test-long, as root.
deb: wheel
	$(BIN)/python scripts/make_deb.py dist/umbrite-*.whl dist

# The folder of an AppImage, and the image where appimagetool is: dist/Umbrite.AppDir/AppRun.
appdir: wheel
	$(BIN)/python scripts/make_appdir.py dist/umbrite-*.whl dist

# A Flatpak, where flatpak-builder and the runtime are; wheels are fetched beforehand.
flatpak: wheel
	rm -rf dist/wheels
	$(BIN)/python -m pip wheel $(PIP_QUIET) --require-hashes -r requirements.txt -w dist/wheels
	cp dist/umbrite-*.whl dist/wheels
	flatpak-builder --force-clean --user --install dist/flatpak packaging/flatpak/org.umbrite.umbrite.yml

# The manual page, the completion of bash and the page of the command line, made from the command line's own parser.
man: $(VENV)/dev.stamp
	$(BIN)/python scripts/man_page.py packaging/umbrite.1
	$(BIN)/python scripts/completion.py packaging/umbrite.bash
	$(BIN)/python scripts/commands_page.py docs/commands.md
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/table_pages.py docs

# The site: build/site/html/index.html.
docs: $(VENV)/dev.stamp
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/make_site.py build/site

# Walks the walk-throughs of the guide in a window, and takes their pictures.
walks: $(VENV)/run.stamp
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/walks.py src/umbrite/desk/assets/guide/walks

lint: $(VENV)/dev.stamp
	$(BIN)/ruff check src tests scripts
	$(BIN)/ruff format --check src tests scripts
	$(BIN)/mypy
	$(BIN)/lint-imports

bench: $(VENV)/dev.stamp
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench_large.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench_takes.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench_variants.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench_bending.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench_reuse.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench_responses.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench_performing.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/bench_engines.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/figures.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/soak.py 20000
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/soak_tape.py 5000

# Draws the demo art anew and rigs it through the public edits.
assets: $(VENV)/run.stamp
	QT_QPA_PLATFORM=offscreen $(BIN)/python -m umbrite.demo.build src/umbrite/demo/assets

screenshots: $(VENV)/run.stamp
	$(BIN)/python scripts/draw_house.py
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/screenshots.py docs/screenshots src/umbrite/desk/assets/guide
	QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/moving_picture.py docs/screenshots/wick.webp

# The inner loop that paints bent drawings; needs clang and lld, only where triangles.c was changed.
wasm:
	$(PYTHON) scripts/make_wasm.py

# Pins what the .in files name; `make lock UPGRADE=--upgrade` takes newer versions of everything.
lock: $(VENV)/dev.stamp
	$(BIN)/pip install $(PIP_QUIET) pip-tools
	for f in requirements requirements-dev requirements-core; do \
	  $(BIN)/pip-compile --quiet --generate-hashes --allow-unsafe --strip-extras --no-emit-index-url \
	    --no-emit-find-links --no-emit-trusted-host --no-header $(UPGRADE) -o $$f.txt $$f.in; done

# What Qt loads of the words that people translate; `make words` puts new texts of the program into their files.
%.qm: %.ts $(VENV)/run.stamp
	$(BIN)/pyside6-lrelease -silent $< -qm $@

# All stations at sixteen sizes and densities, and every dialog, card and page, as contact sheets to look at, in five languages: the
# last one is ours, each text a third longer. Fails where a word is cut or a dialog is larger than the window.
sizes: $(VENV)/run.stamp $(WORDS)
	for one in en $(LANGUAGES) long; do \
	  $(BIN)/python scripts/sizes.py build/sizes/$$one $$one || failed=1; \
	  for look in "day 1280x800" "night 1024x700"; do \
	    QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/dialogs.py "build/sizes/$$one/dialogs $$look.png" $$one $$look || failed=1; \
	  done; done; test -z "$$failed"

words: $(VENV)/run.stamp
	for one in $(LANGUAGES); do \
	  QT_QPA_PLATFORM=offscreen $(BIN)/python scripts/translations.py --collect $(TRANSLATIONS)/umbrite_$$one.ts; done

$(VENV)/run.stamp: requirements.txt pyproject.toml
	@sh scripts/make_venv.sh $(VENV) "$(PYTHON)" requirements.txt
	@touch $@

$(VENV)/dev.stamp: requirements-dev.txt pyproject.toml
	@sh scripts/make_venv.sh $(VENV) "$(PYTHON)" requirements-dev.txt
	@touch $@ $(VENV)/run.stamp

.venv-core/stamp: requirements-core.txt
	@sh scripts/make_venv.sh .venv-core "$(PYTHON)" requirements-core.txt bare
	@touch $@

clean:
	rm -rf $(VENV) .venv-core build dist
