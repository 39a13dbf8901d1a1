using JollyBarn.Edits;
using JollyBarn.Inspection.Rules;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Conductors that go on through a device: joined, with one pigtail to the device for each kind.</summary>
public sealed class PigtailThese : IRemedies
{
    public enum Case
    {
        Pigtail,
    }

    public IReadOnlyList<string> Rules { get; } = ["fed-through"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        Id<Device> device = ask.Of;
        var edits = new List<Edit>();
        foreach (var (use, name, n) in new[] { (ConductorUse.Hot, "hots", 0), (ConductorUse.Neutral, "neutrals", 1) })
        {
            var leads = FedThrough.On(ask.Look, device, use);
            if (leads.Count > 1)
            {
                var joint = ask.Free("joint", n);
                edits.Add(new JoinLeads(ask.BoxId, joint, ask.Connector(leads, tails: 1), leads, name));
                edits.Add(
                    new AddPigtail(
                        ask.BoxId,
                        ask.Free("tail", n),
                        RemedyAsk.In(joint),
                        ask.Box.Leads[leads[0]].Lands,
                        Length: ask.TailLength
                    )
                );
            }
        }

        if (edits.Count > 0)
        {
            yield return Remedy.Of(
                Case.Pigtail,
                new Batch(edits, For: BatchFor.JoinedWithTail),
                ("device", Thing.Device(device)),
                ("tail", ask.Tail)
            );
        }
    }
}
