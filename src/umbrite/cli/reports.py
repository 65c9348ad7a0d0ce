"""The kinds of JSON that Umbrite writes for scripts, and the schema of each, made from the types that the program itself is checked by."""

from collections.abc import Mapping
from importlib import import_module
from typing import Any

import msgspec

from umbrite.cli.speech import tell_json
from umbrite.files.json_reports import VERSION, headed
from umbrite.files.package import schema

# Loaded when it is asked for: what some of them tell of needs more of the program than what asks for a schema.
KINDS = {
    "pose": "umbrite.files.json_reports:PoseTold",
    "joints": "umbrite.files.json_reports:JointsTold",
    "limits": "umbrite.files.json_reports:LimitsTold",
    "poses": "umbrite.files.json_reports:ShelfTold",
    "takes": "umbrite.files.json_reports:TakesTold",
    "transforms": "umbrite.files.json_reports:TransformsTold",
    "atlas": "umbrite.files.json_reports:AtlasTold",
    "check": "umbrite.checking.findings_report:CheckTold",
    "workout": "umbrite.checking.workout_report:WorkoutTold",
    "build": "umbrite.checking.building_report:BuiltTold",
    "transfer": "umbrite.checking.building_report:LaidTold",
}
MANY = ("check", "workout", "build")  # of several files: each by its name
PUPPET, PLAN = "puppet", "plan"


def tell_report(kind: str, body: Mapping[str, Any]) -> None:
    """A report on standard output. Raises FileError where that is closed."""
    tell_json(headed(kind, body))


def tell_reports(kind: str, bodies: Mapping[str, Mapping[str, Any] | None], *, many: bool) -> None:
    """One report, or those of many files by their names, empty where a file could not be read. Raises FileError."""
    tell_report(kind, {"files": bodies} if many else next(body for body in bodies.values() if body is not None))


def schema_of(kind: str) -> dict[str, Any]:
    """The JSON Schema of a kind of report, of the native file, or of a body plan."""
    if kind == PUPPET:
        return schema()
    first = {"$schema": "https://json-schema.org/draft/2020-12/schema"}
    if kind == PLAN:
        from umbrite.art.building.body_plan import BodyPlan

        return {**first, **msgspec.json.schema(BodyPlan)}
    module, _, name = KINDS[kind].partition(":")
    (body,), named = msgspec.json.schema_components(
        [getattr(import_module(module), name)], ref_template="#/$defs/{name}"
    )
    if kind in MANY:
        files = {"type": "object", "additionalProperties": {"anyOf": [body, {"type": "null"}]}}
        body = {"anyOf": [body, {"type": "object", "properties": {"files": files}, "required": ["files"]}]}
    head = {"format": {"const": f"umbrite-{kind}"}, "version": {"const": VERSION}}
    return {**first, "allOf": [{"type": "object", "properties": head, "required": list(head)}, body], "$defs": named}
