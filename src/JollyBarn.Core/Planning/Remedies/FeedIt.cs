using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Rules;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A device that nothing feeds, in a box with joints that could: a pigtail from the hots, one from the neutrals, or its own leads
/// into them.</summary>
public sealed class FeedIt : IRemedies
{
    public enum Case
    {
        FromJoints,
    }

    public IReadOnlyList<string> Rules { get; } = ["fed"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (DeviceKinds.Find(ask.Box.Devices.Find(ask.Of)?.Kind) is not { } kind || kind.Inside.OfType<Watches>().Any())
        {
            yield break;
        }

        var edits = new List<Edit>();
        if (!ask.Finding.Is("fed", Fed.Case.NoNeutral))
        {
            edits.AddRange(Joined(ask, kind, Carries.Hot, kind.Points().Where(p => p.Role == TerminalRole.Hot)));
        }

        if (!ask.Finding.Is("fed", Fed.Case.NoHot))
        {
            edits.AddRange(Joined(ask, kind, Carries.Neutral, kind.Points().Where(p => p.Role.IsNeutral())));
        }

        if (edits.Count > 0)
        {
            yield return Remedy.Of(
                Case.FromJoints,
                new Batch(edits, For: BatchFor.JoinedWithTail),
                ("device", Thing.Device(ask.Of)),
                ("tail", ask.Tail)
            );
        }
    }

    /// <summary>Joins the first of these points that nothing lies on with the joint that is of this kind.</summary>
    private static IEnumerable<Edit> Joined(RemedyAsk ask, DeviceKind kind, Carries of, IEnumerable<(string Name, TerminalRole)> points)
    {
        Id<Device> device = ask.Of;
        var joint = ask.Box.Joints.Ids.FirstOrNull(j => Sourced.Of(ask.Look.Wires.Joint(j)).Kinds == of)
            ?? ask.JointOf(of == Carries.Hot ? ConductorUse.Hot : ConductorUse.Neutral);
        var point = points
            .Select(p => p.Name)
            .FirstOrDefault(p => !ask.Look.Sources.On(device, kind, p).Any(e => Grounds.Attached(ask.Look, e, device)));
        if (joint is not { } home || point is null)
        {
            yield break;
        }

        yield return kind.Terminals.FirstOrDefault(t => t.Id == point) is { } terminal
            ? new AddPigtail(
                ask.BoxId,
                ask.Free(of == Carries.Hot ? "hot-tail" : "neutral-tail"),
                RemedyAsk.In(home),
                RemedyAsk.At(device, terminal.Landings[0].Id),
                ask.Look.Cables.Select(c => ask.Look.BreakerOf(c.Run.Circuit)?.Amperes).Max() is { } amperes ? ask.Thinnest(amperes) : null,
                Length: ask.TailLength
            )
            : new MoveLead(ask.BoxId, $"{device}.{point}", RemedyAsk.In(home));
        yield return ask.Connect(home, [], tails: 1);
    }
}
