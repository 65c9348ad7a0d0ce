"""Body plans of a person's own: small readable files in one folder."""

import re
from pathlib import Path

from umbrite.art.building.body_plan import BodyPlan, plan_bytes, read_plan
from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError
from umbrite.files.files_in import read_file
from umbrite.rig.errors import RigError

MOST_BYTES, MOST_PLANS = 1_000_000, 200


def kept_plans(folder: Path | None) -> list[BodyPlan]:
    """The plans in a folder, by name; what is none is passed over."""
    found = []
    for path in sorted(folder.glob("*.json"))[:MOST_PLANS] if folder is not None else ():
        try:
            found.append(read_plan(read_file(path, MOST_BYTES)))
        except (FileError, RigError):
            continue
    return found


def keep_plan(folder: Path, plan: BodyPlan) -> Path:
    """Keep a plan in the folder, in the place of one of the same name. Raises FileError."""
    path = folder / f"{re.sub(r'[^A-Za-z0-9 _-]+', '', plan.name).strip() or 'plan'}.json"
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise FileError(
            f"The plan can't be saved in {folder.name}: {error.strerror}. Check whether you may write to the folder."
        ) from None
    write(path, plan_bytes(plan))
    return path
