using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>What a Change waits for, in words.</summary>
/// <param name="Name">What the Change is called.</param>
/// <param name="Says">What is in the way, or what is next.</param>
/// <param name="Blocks">It is in the way; false where nothing is and this is the next thing to do.</param>
public sealed record ToldWaits(string Change, string Name, WaitCase Case, Id<Box>? Box, string Says, bool Blocks)
{
    private static readonly Dictionary<WaitCase, Line> Words = new()
    {
        [WaitCase.NotOpened] = "{box} has not been opened.",
        [WaitCase.NotRecorded] = "Not everything in {box} is recorded.",
        [WaitCase.Stopped] = "Something at {box} can hurt somebody now: that comes first.",
        [WaitCase.NoLongerGoes] = new(f =>
            f["count"] == "1" ? "A planned step no longer goes." : $"{f["count"]} planned steps no longer go."
        ),
        [WaitCase.WouldFail] = "As planned, something at {box} would fail that does not now.",
        [WaitCase.ToDo] = new(f => f["count"] == "1" ? "A step is to be done." : $"{f["count"]} steps are to be done."),
        [WaitCase.ToClose] = "Every step is done: look it over and close it.",
    };

    public static ToldWaits Tell(Job job, Waits waits)
    {
        var about = Details.Of([("count", waits.Count), ("box", waits.Box is { } box ? new Thing(ThingKind.Box, box) : null)]);
        return new(
            waits.Change,
            job.Changes[waits.Change].Name,
            waits.Case,
            waits.Box,
            Words[waits.Case].Make(new(about, new(job))),
            waits.Case is not (WaitCase.ToDo or WaitCase.ToClose)
        );
    }
}
