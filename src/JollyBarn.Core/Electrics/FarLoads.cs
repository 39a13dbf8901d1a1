using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Things fixed at the other end of a cable, with no box there.</summary>
internal static class FarLoads
{
    /// <summary>What is fixed at the far end of the box's cables: run, that side of it, and what is there.</summary>
    public static IEnumerable<(Id<Run> Run, RunSide Side, RunEnd There)> Of(Job job, Box box) =>
        from cable in box
            .Leads.Values.Where(l => l is { Run: not null, LeavesBy: null })
            .Select(l => (Run: l.Run!.Value, l.Side))
            .Distinct()
        let far = cable.Side == RunSide.A ? RunSide.B : RunSide.A
        let there = job.Runs.Find(cable.Run)?.End(far)
        where there is { At: EndAt.Load }
        select (cable.Run, far, there);
}
