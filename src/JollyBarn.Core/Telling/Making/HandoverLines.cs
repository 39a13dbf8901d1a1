using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Making;

/// <summary>The text of a hand-over, line by line: a title, or words under it.</summary>
public static class HandoverLines
{
    public static IEnumerable<(string Says, bool Title)> Of(ToldHandover told)
    {
        yield return (told.Change, true);
        yield return (
            $"{told.Job}. Opened {Day(told.Opened ?? "?")}, {(told.Closed is { } closed ? $"closed {Day(closed)}" : "still open")}.",
            false
        );
        yield return (told.Permit, false);
        foreach (var seen in told.Inspections)
        {
            yield return ($"{seen.Inspector}, {Day(seen.At)}: {(seen.Passed ? "passed" : "not passed")}.", false);
            foreach (var line in seen.Lines)
            {
                yield return ($"– {line}", false);
            }
        }

        yield return ("Boxes", true);
        foreach (var box in told.Boxes)
        {
            yield return (
                $"{box.Card.Name}: {Counted.Of(box.Changed.Count, "difference")}, {Counted.Of(box.Readings.Count, "reading")}, "
                    + $"{Counted.Of(box.Pictures, "picture")}. {box.Tested.Says}",
                false
            );
        }

        yield return ("Readings, and what each instrument cannot see", true);
        foreach (var (box, reading) in told.Boxes.SelectMany(b => b.Readings.Select(r => (b.Card.Name, r))))
        {
            yield return ($"{box}, {reading.Says} ({reading.Instrument}, {reading.By}, {Day(reading.At)}). {reading.Cannot}", false);
        }

        if (told.Boxes.All(b => b.Readings.Count == 0))
        {
            yield return ("Nobody wrote down a reading of the finished boxes.", false);
        }

        if (told.NotDone.Count > 0)
        {
            yield return ("Planned, and not done", true);
            foreach (var line in told.NotDone)
            {
                yield return (line, false);
            }
        }

        yield return ("What was done", true);
        foreach (var line in told.Log)
        {
            yield return ($"{Day(line.At)} {Time(line.At)} {line.By}: {line.Says}", false);
        }
    }

    private static string Day(string at) => at.Length >= 10 ? at[..10] : at;

    private static string Time(string at) => at.Length >= 16 ? at[11..16] : "";
}
