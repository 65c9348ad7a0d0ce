"""The workout, run for the puppet that is open; its faults become findings."""

from umbrite.checking.workout import Report, workout
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.files.long_work import CancelledError
from umbrite.files.package import Package


def run(session: Session) -> tuple[Package, Report] | None:
    """Run everything through its range: what was tried, and the report; None where it was cancelled, and nothing is left behind."""
    package = session.file.package()
    pictures = session.file.pictures.of(package.puppet)
    try:
        report = session.apart(
            tr("Workout"), lambda watch: workout(package.puppet, pictures, watch, takes=package.document.takes)
        )
    except CancelledError:
        session.say(tr("Cancelled: nothing was changed."))
        return None
    session.checks.add_tried([item.finding for item in report.noticed])
    count = len(report.noticed)
    words = tr("found nothing to mend") if not count else tr("noticed {count}; the lamp lists them", count=count)
    session.say(
        tr(
            "The workout ran {count} controls and joints through their range and {words}.",
            count=len(report.measured),
            words=words,
        )
    )
    return package, report
