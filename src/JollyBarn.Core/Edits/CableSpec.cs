using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>What a cable is: 14-2 with ground is gauge 14, two conductors, a bare ground.</summary>
/// <param name="Conductors">Insulated conductors, 1 to 30.</param>
/// <param name="Colours">Their colours in order; the usual ones when null.</param>
public sealed record CableSpec(
    CableType Type,
    int Conductors,
    GroundKind Ground,
    Gauge? Gauge = null,
    IReadOnlyList<string>? Colours = null,
    Gauge? GroundGauge = null,
    bool Stranded = false,
    Metal Metal = Metal.Copper
)
{
    private static readonly string[] Usual = ["black", "white", "red", "blue"];

    internal Refusal? Check(string field) =>
        Refuse.BadEnum(Type, field + ".type")
        ?? Refuse.BadEnum(Ground, field + ".ground")
        ?? Refuse.BadEnum(Metal, field + ".metal")
        ?? (Conductors is < 1 or > 30 ? new Refusal(Why.ManyConductors, field + ".conductors", ("most", 30)) : null)
        ?? (Colours is not null && Colours.Count != Conductors ? new Refusal(Why.ColourEach, field + ".colours") : null)
        ?? Colours?.Select(c => Refuse.BadText(c, field + ".colours")).FirstOrDefault(r => r is not null);

    /// <summary>What a cable that is there is, so that another like it can be brought in.</summary>
    public static CableSpec Like(Run run) =>
        new(
            run.Type,
            run.Conductors.Count,
            run.Ground,
            run.Gauge,
            [.. run.Conductors.Select(c => c.Colour)],
            run.GroundGauge,
            run.Conductors.Any(c => c.Stranded),
            run.Metal
        );

    internal Run ToRun() =>
        new()
        {
            Type = Type,
            Gauge = Gauge,
            Ground = Ground,
            GroundGauge = GroundGauge,
            Metal = Metal,
            Conductors = [.. Enumerable.Range(0, Conductors).Select(i => new Conductor(Colour(i), UseOf(Colour(i)), null, Stranded))],
        };

    /// <summary>Three-conductor cable is black, red, white; otherwise black, white, red, blue and on.</summary>
    private string Colour(int i) =>
        Colours is not null ? Colours[i]
        : Conductors == 3 ? new[] { "black", "red", "white" }[i]
        : Usual[i % Usual.Length];

    /// <summary>What a conductor of a colour is taken for until somebody says.</summary>
    public static ConductorUse UseOf(string colour) =>
        colour switch
        {
            "white" or "grey" => ConductorUse.Neutral,
            "black" or "red" or "blue" => ConductorUse.Hot,
            "green" or "bare" => ConductorUse.Ground,
            _ => ConductorUse.Unknown,
        };
}

/// <summary>The leads a run's end puts into a box.</summary>
internal static class RunLeads
{
    /// <summary>The id of a lead: its run, its side, its place in the cable; the ground last.</summary>
    public static Id<Lead> Id(Id<Run> run, RunSide side, int index) => $"{run}.{(side == RunSide.A ? "a" : "b")}{index}";

    public static Box Put(Box box, Id<Run> runId, Run run, RunSide side)
    {
        var leads = box.Leads;
        for (var i = 0; i < run.Conductors.Count; i++)
        {
            var conductor = run.Conductors[i];
            leads = leads.With(
                Id(runId, side, i),
                new Lead
                {
                    Run = runId,
                    Side = side,
                    Index = i,
                    Gauge = conductor.Gauge ?? run.Gauge,
                    Colour = conductor.Colour,
                    Stranded = conductor.Stranded,
                    Metal = run.Metal,
                    Use = conductor.Use,
                }
            );
        }

        if (run.Ground is GroundKind.Bare or GroundKind.Insulated)
        {
            leads = leads.With(
                Id(runId, side, run.Conductors.Count),
                new Lead
                {
                    Run = runId,
                    Side = side,
                    Index = run.Conductors.Count,
                    Gauge = run.GroundGauge ?? run.Gauge,
                    Colour = run.Ground == GroundKind.Bare ? "bare" : "green",
                    Metal = run.Metal,
                    Use = ConductorUse.Ground,
                }
            );
        }

        return box with
        {
            Leads = leads,
        };
    }
}
