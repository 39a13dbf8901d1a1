using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>An end of a cable that nobody has followed yet, in words.</summary>
/// <param name="Says">Where its other end is, and what it is called there.</param>
/// <param name="NearBox">The box its other end is in.</param>
/// <param name="Decides">How many verdicts wait for it.</param>
public sealed record ToldOpenRun(Id<Run> Run, RunSide Side, string Size, string Says, Id<Box>? NearBox, int? Decides)
{
    public static ToldOpenRun Tell(Job job, OpenRun open)
    {
        var run = job.Runs[open.Run];
        var near = run.End(open.Side == RunSide.A ? RunSide.B : RunSide.A);
        var box = job.Boxes.Find(near.Box);
        return new(
            open.Run,
            open.Side,
            CableNames.Size(run),
            $"{box?.Name ?? "somewhere"}{(near.Says is null ? "" : ", " + near.Says)}",
            near.Box,
            open.Decides
        );
    }
}
