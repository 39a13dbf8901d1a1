using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Rules;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A box that no ground comes to: a conductor of its own from the panel, joined with the grounds there are.</summary>
/// <remarks>NEC 250.130(C): to the panel the circuit starts from, or to the electrode system.</remarks>
public sealed class BringAGround : IRemedies
{
    public enum Case
    {
        FromPanel,
    }

    public IReadOnlyList<string> Rules { get; } = ["ground-path", "device-bonded", "box-bonded", "no-ground"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        // Where a ground is in the box already, joining it is enough.
        if (Grounds.Available(ask.Look) || ask.Finding.Case == nameof(DeviceBonded.Case.NotBonded))
        {
            yield break;
        }

        var circuit = ask.Look.Cables.Select(c => c.Run.Circuit).FirstOrDefault(c => c is not null);
        var panel = ask.Job.Panels.FirstOrDefault(p => p.Value.Breakers.Any(b => circuit is not null && b.Circuit == circuit)).Key;
        if (panel is null || ask.Look.BreakerOf(circuit)?.Amperes is not { } amperes || Size(ask, amperes) is not { } gauge)
        {
            yield break;
        }

        var run = Ids.Free("ground-1", id => ask.Job.Runs.Has(id));
        Id<Lead> lead = $"{run}.a0";
        var (joined, joint) = GroundJoint.Of(ask);
        var edits = new List<Edit>
        {
            new AddCable(
                ask.BoxId,
                run,
                $"k-{run}",
                new CableSpec(CableType.Unknown, 1, GroundKind.None, gauge, ["green"]),
                Says: "the ground from the panel"
            ),
            new EndAtPanel(run, RunSide.B, panel),
            new SetRun(run, Circuit: circuit),
        };
        edits.AddRange(joined);
        edits.AddRange(Landed(ask, lead, gauge, joint));
        yield return Remedy.Of(
            Case.FromPanel,
            new Batch(edits, For: BatchFor.GroundBrought),
            ("gauge", gauge),
            ("panel", Thing.Panel(panel))
        );
    }

    /// <summary>Into the joint of the grounds where there is one, else on the bonding screw, with a pigtail to each ground
    /// terminal.</summary>
    private static IEnumerable<Edit> Landed(RemedyAsk ask, Id<Lead> lead, Gauge gauge, Id<Joint>? joint)
    {
        Id<Joint> home = joint ?? ask.Free("grounds");
        if (joint is null)
        {
            yield return new JoinLeads(ask.BoxId, home, Connectors.For([gauge, gauge, gauge], ask.Job.Practice), [lead], "grounds");
        }
        else
        {
            yield return new MoveLead(ask.BoxId, lead, RemedyAsk.In(home));
        }

        if (ask.Box.Material == CodeBook.BoxMaterial.Metal && !On(ask, l => l.At == LandingAt.BondingScrew))
        {
            yield return new AddPigtail(
                ask.BoxId,
                ask.Free("bond"),
                RemedyAsk.In(home),
                new(LandingAt.BondingScrew),
                Colour: "bare",
                Length: ask.TailLength
            );
        }

        var n = 0;
        foreach (var (id, _, kind) in ask.Look.Devices.Where(d => !On(ask, l => l.IsOn(d.Id) && l.Terminal == "ground")))
        {
            if (kind.PlaceOf(CodeBook.TerminalRole.Ground) is { Id: var place })
            {
                yield return new AddPigtail(
                    ask.BoxId,
                    ask.Free("ground-tail", n++),
                    RemedyAsk.In(home),
                    RemedyAsk.At(id, place),
                    Colour: "bare",
                    Length: ask.TailLength
                );
            }
            else if (kind.Leads.FirstOrDefault(l => l.Role == CodeBook.TerminalRole.Ground) is { } own)
            {
                yield return new MoveLead(ask.BoxId, $"{id}.{own.Id}", RemedyAsk.In(home));
            }
        }
    }

    private static bool On(RemedyAsk ask, Func<Landing, bool> at) =>
        ask.Box.Leads.Values.Any(l => at(l.Lands)) || ask.Box.Pigtails.Values.Any(t => at(t.From) || at(t.To));

    /// <summary>The thinnest ground the breaker takes; null where the book names none.</summary>
    private static Gauge? Size(RemedyAsk ask, decimal amperes) =>
        new[] { 14, 12, 10 }
            .Select(Gauge.Awg)
            .Where(g => ask.Look.Limits.Has($"ground.{g}") && ask.Look.Limits.Number($"ground.{g}") >= amperes)
            .Select(g => (Gauge?)g)
            .FirstOrDefault();
}
