using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>What a conductor of a run is used as.</summary>
internal static class Uses
{
    /// <summary>By its record, then by its colour.</summary>
    public static ConductorUse Of(Conductor conductor) =>
        conductor.Use != ConductorUse.Unknown ? conductor.Use
        : conductor.Colour is "white" or "grey" ? ConductorUse.Neutral
        : conductor.Colour is "green" or "bare" ? ConductorUse.Ground
        : ConductorUse.Hot;

    /// <summary>One conductor of a run, the ground after the insulated ones.</summary>
    public static ConductorUse Of(Run run, int index) => index < run.Conductors.Count ? Of(run.Conductors[index]) : ConductorUse.Ground;

    /// <summary>By what somebody saw in a box it ends in, then by its record, then by its colour.</summary>
    public static ConductorUse Seen(Job job, Id<Run> id, Run run, int index)
    {
        var seen = new[] { run.A, run.B }
            .Select(e => job.Boxes.Find(e.Box))
            .OfType<Box>()
            .SelectMany(b => b.Leads.Values)
            .FirstOrDefault(l => l.Run == id && l.Index == index && l.Use != ConductorUse.Unknown);
        return seen?.Use ?? Of(run, index);
    }
}
