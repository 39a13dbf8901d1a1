using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>What a conductor of a run is used as.</summary>
internal static class Uses
{
    /// <summary>By its record, then by its colour.</summary>
    public static ConductorUse Of(Conductor conductor) =>
        conductor.Use != ConductorUse.Unknown ? conductor.Use
        : conductor.Colour is "white" or "grey" ? ConductorUse.Neutral
        : ConductorUse.Hot;

    /// <summary>By what somebody saw in a box it ends in, then by its record, then by its colour.</summary>
    public static ConductorUse Seen(Job job, Id<Run> id, Run run, int index)
    {
        var seen = new[] { run.A, run.B }
            .Select(e => job.Boxes.Find(e.Box))
            .OfType<Box>()
            .SelectMany(b => b.Leads.Values)
            .FirstOrDefault(l => l.Run == id && l.Index == index && l.Use != ConductorUse.Unknown);
        return seen?.Use ?? Of(run.Conductors[index]);
    }
}
