using System.Runtime.CompilerServices;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>Bars and screws of the panels of a job, by the names of their points.</summary>
internal sealed class PanelEnds
{
    private static readonly ConditionalWeakTable<ById<string, Panel>, PanelEnds> Kept = [];

    private readonly Dictionary<string, PanelEnd> ends = new(StringComparer.Ordinal);
    private readonly HashSet<(string Panel, string Breaker)> watching = [];

    private PanelEnds(ById<string, Panel> panels)
    {
        foreach (var (id, panel) in panels)
        {
            ends[Points.NeutralBar(id)] = new(Gives.Neutral, id);
            ends[Points.GroundBar(id)] = new(Gives.Ground, id);
            foreach (var breaker in panel.Breakers)
            {
                ends[Points.BreakerNeutral(id, breaker.Key)] = new(Gives.Neutral, id, breaker.Key, Circuit: breaker.Circuit);
                foreach (var (leg, pole) in SupplyLegs.Of(panel, breaker).Select((l, p) => (l, p)))
                {
                    ends[Points.Pole(id, breaker.Key, pole)] = new(Gives.Hot, id, breaker.Key, pole, leg, breaker.Circuit);
                }

                if (breaker.Kind is BreakerKind.Gfci or BreakerKind.DualFunction)
                {
                    watching.Add((id, breaker.Key));
                }
            }
        }
    }

    /// <summary>The wiring alone: nothing plugged in, nothing coupled.</summary>
    public static Situation Wires { get; } = new() { Stray = false, Loads = false };

    public static PanelEnds Of(Job job) => Kept.GetValue(job.Panels, p => new(p));

    public PanelEnd? Find(string point) => ends.GetValueOrDefault(point);

    /// <summary>The breaker of class A that watches what lands there; null where none does.</summary>
    public GuardKey? Guard(PanelEnd end) =>
        end.Breaker is { } breaker && watching.Contains((end.Panel, breaker)) ? GuardKey.Breaker(end.Panel, breaker) : null;
}
