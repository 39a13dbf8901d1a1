using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Generic connectors by number and gauge; the package decides.</summary>
internal static class Connectors
{
    /// <summary>What the house joins these with; the smallest twist-on that usually takes them where its kind takes no such
    /// number or gauge.</summary>
    public static string For(IReadOnlyList<Gauge?> conductors, HousePractice house) =>
        house.Answer(PracticeBook.Splice) switch
        {
            "lever" => Lever(conductors),
            "inline" => Taking("inline", conductors) ?? Lever(conductors),
            "crimp" => Taking("crimp-sleeve", conductors),
            _ => null,
        } ?? ConnectorKinds.TwistOnFor(conductors).Id;

    /// <summary>The smallest lever connector with ports enough; null where none takes so many or so thick.</summary>
    public static string? Lever(IReadOnlyList<Gauge?> conductors) =>
        ConnectorKinds.All.Where(k => k.Style == ConnectorStyle.Lever && k.Takes(conductors)).OrderBy(k => k.Ports).FirstOrDefault()?.Id;

    private static string? Taking(string id, IReadOnlyList<Gauge?> conductors) =>
        ConnectorKinds.Find(id)?.Takes(conductors) == true ? id : null;
}

/// <summary>A joint without a connector for what is in it: another connector, or two joints and a jumper.</summary>
public sealed class ConnectorFor : IRemedies
{
    public enum Case
    {
        Another,
        TwoJoints,
    }

    public IReadOnlyList<string> Rules { get; } = ["joint-connector", "joint-listed", "joint-near", "joint-wet"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (!ask.Box.Joints.TryFind(ask.Of, out var joint))
        {
            yield break;
        }

        var members = ask.Look.In(ask.Of).ToList();
        var inside = members.ConvertAll(m => m.Gauge);
        var connectors =
            ask.Finding.Rule == "joint-wet"
                ? ["sealed"]
                : new[]
                {
                    Connectors.For(ask.Finding.Rule == "joint-near" ? [.. inside, inside.Min()] : inside, ask.Job.Practice),
                    Connectors.Lever(inside),
                };
        foreach (
            var connector in connectors.OfType<string>().Where(c => c != joint.Connector || ask.Finding.Rule == "joint-listed").Distinct()
        )
        {
            var kind = ConnectorKinds.Find(connector)!;
            var change = new SetJoint(ask.BoxId, ask.Of, connector, joint.Name, joint.Space);
            Edit edit = ask.Finding.Rule == "joint-listed" ? new Batch([change, ask.Again(ask.Of, LeadFacts.JointListed)]) : change;
            yield return Remedy.Of(Case.Another, edit, ("connector", new Thing(ThingKind.Connector, connector)), ("count", members.Count));
        }

        if (members.Count > 3)
        {
            var half = members
                .Skip(members.Count / 2)
                .Where(m => ask.Box.Leads.Find(m.Id)?.Lands.IsIn(ask.Of) == true)
                .Select(m => m.Id)
                .ToList();
            if (half.Count > 0)
            {
                var made = ask.Free("joint");
                var split = new Batch(
                    [
                        new JoinLeads(ask.BoxId, made, ask.Connector(half, tails: 1), half, joint.Name, joint.Space),
                        new AddPigtail(ask.BoxId, ask.Free("jumper"), RemedyAsk.In(ask.Of), RemedyAsk.In(made), Length: ask.TailLength),
                        new SetJoint(
                            ask.BoxId,
                            ask.Of,
                            ask.Connector([.. members.Select(m => m.Id).Except(half)], tails: 1),
                            joint.Name,
                            joint.Space
                        ),
                    ],
                    For: BatchFor.TwoJoints
                );
                yield return Remedy.Of(Case.TwoJoints, split, ("tail", ask.Tail), ("count", half.Count));
            }
        }
    }
}

/// <summary>A loose end, or a joint of one: a cap.</summary>
public sealed class CapIt : IRemedies
{
    public enum Case
    {
        OnlyOne,
        IntoJoint,
        Cap,
        TakeOut,
    }

    public IReadOnlyList<string> Rules { get; } = ["loose-end", "joint-connector"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Finding.Rule == "joint-connector")
        {
            if (ask.Look.In(ask.Of).ToList() is [var only] && ask.Box.Leads.Has(only.Id))
            {
                yield return Remedy.Of(
                    Case.OnlyOne,
                    new Batch(
                        [new MoveLead(ask.BoxId, only.Id, new(LandingAt.Cap)), new RemoveJoint(ask.BoxId, ask.Of)],
                        For: BatchFor.Capped
                    )
                );
            }
        }
        else if (ask.Box.Leads.TryFind(ask.Of, out var lead))
        {
            if (ask.JointOf(lead.Use) is { } joint && lead.Use is ConductorUse.Neutral or ConductorUse.Hot)
            {
                yield return Remedy.Of(
                    Case.IntoJoint,
                    new Batch([new MoveLead(ask.BoxId, ask.Of, RemedyAsk.In(joint)), ask.Connect(joint, [ask.Of])], For: BatchFor.Joined),
                    ("joint", Thing.Joint(joint))
                );
            }

            yield return Remedy.Of(Case.Cap, new MoveLead(ask.BoxId, ask.Of, new(LandingAt.Cap)));
        }
        else if (ask.Box.Pigtails.TryFind(ask.Of, out var tail))
        {
            yield return Remedy.Of(Case.TakeOut, new RemovePigtail(ask.BoxId, ask.Of));
            yield return Remedy.Of(Case.Cap, new LandPigtail(ask.BoxId, ask.Of, tail.From.At != LandingAt.Loose, new(LandingAt.Cap)));
        }
    }
}
