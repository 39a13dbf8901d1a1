using JollyBarn.Connection.Sheet;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>What the stops of a rail are called.</summary>
public static class StopNames
{
    /// <summary>A box by its name, a panel by its own, the end of a cable by what is written there or at its other end.</summary>
    public static string Of(Job job, SheetStop stop)
    {
        ArgumentNullException.ThrowIfNull(stop);
        if (stop.At == StopAt.Box && job.Boxes.Find(stop.Id!) is { } box)
        {
            return box.Name;
        }

        var run = job.Runs.Find(stop.By);
        return stop.At == StopAt.Panel
            ? job.Panels.Find(stop.Id ?? "")?.Name ?? "a panel"
            : run?.End(stop.Side).Says ?? run?.End(stop.Side == RunSide.A ? RunSide.B : RunSide.A).Says ?? "goes somewhere";
    }
}
