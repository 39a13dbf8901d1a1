using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Neutrals of several circuits under one connector: each circuit's to a joint of its own.</summary>
public sealed class PartCircuits : IRemedies
{
    public enum Case
    {
        Part,
    }

    public IReadOnlyList<string> Rules { get; } = ["neutrals-apart"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (!ask.Box.Joints.TryFind(ask.Of, out var joint))
        {
            yield break;
        }

        var inside = ask.Look.In(ask.Of).Select(m => m.Id).ToHashSet();
        var circuits = ask
            .Look.Cables.Where(c => c.Run.Circuit is not null)
            .GroupBy(c => c.Run.Circuit!.Value)
            .Select(g =>
                (
                    Circuit: g.Key,
                    Neutrals: g.SelectMany(c => c.Leads)
                        .Where(l => inside.Contains(l) && ask.Box.Leads[l].Use == ConductorUse.Neutral)
                        .ToList()
                )
            )
            .Where(g => g.Neutrals.Count > 0)
            .OrderByDescending(g => g.Neutrals.Count)
            .ToList();
        if (circuits.Count < 2)
        {
            yield break;
        }

        var edits = new List<Edit>();
        var (capped, joined) = (new List<(Thing Lead, Thing Circuit)>(), new List<(int Count, Thing Circuit)>());
        foreach (var (circuit, neutrals) in circuits.Skip(1))
        {
            if (neutrals.Count == 1)
            {
                edits.Add(new MoveLead(ask.BoxId, neutrals[0], new(LandingAt.Cap)));
                capped.Add((Thing.Lead(neutrals[0]), Thing.Circuit(circuit)));
            }
            else
            {
                edits.Add(
                    new JoinLeads(
                        ask.BoxId,
                        ask.Free("joint", edits.Count),
                        ask.Connector(neutrals),
                        neutrals,
                        $"neutrals, {ask.Job.Circuits.Find(circuit)?.Name ?? circuit}",
                        joint.Space
                    )
                );
                joined.Add((neutrals.Count, Thing.Circuit(circuit)));
            }
        }

        edits.Add(ask.Connect(ask.Of, [], gone: [.. circuits.Skip(1).SelectMany(c => c.Neutrals)]));
        yield return Remedy.Of(Case.Part, new Batch(edits, For: BatchFor.NeutralsParted), ("capped", capped), ("joined", joined));
    }
}
