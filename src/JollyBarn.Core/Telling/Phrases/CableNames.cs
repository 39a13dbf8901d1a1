using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>Cables by the names of the trade.</summary>
public static class CableNames
{
    /// <summary>14-2, or 14-2, no ground.</summary>
    public static string Size(Run run) => $"{run.Gauge?.ToString() ?? "?"}-{run.Conductors.Count}{Kind(run)}";

    private static string Kind(Run run) =>
        run.Ground switch
        {
            GroundKind.None => ", no ground",
            GroundKind.Sheath => ", by its metal",
            _ => "",
        };
}
