using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection.Rules;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>The shared neutral of a multiwire circuit through a device: joined, with a pigtail to the device.</summary>
public sealed class JoinTheNeutrals : IRemedies
{
    public enum Case
    {
        Join,
    }

    public IReadOnlyList<string> Rules { get; } = ["multiwire-neutral"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Box.Leads.Find(ask.Of)?.Lands is { At: LandingAt.Terminal, Device: { } on } at)
        {
            var neutrals = ask.Look.On(on).Where(e => e.Use == ConductorUse.Neutral && ask.Box.Leads.Has(e.Id)).Select(e => e.Id).ToList();
            yield return Remedy.Of(Case.Join, Spliced.Make(ask, neutrals, at, "neutrals"), ("tail", ask.Tail));
        }
    }
}

/// <summary>Leads that lay on one place, joined, with a pigtail to the place.</summary>
internal static class Spliced
{
    /// <param name="tails">Pigtails that have an end on the place too.</param>
    public static Edit Make(RemedyAsk ask, IReadOnlyList<Id<Lead>> leads, Landing place, string name, IReadOnlyList<Id<Lead>>? tails = null)
    {
        var joint = ask.Free("joint");
        return new Batch(
            [
                new JoinLeads(ask.BoxId, joint, ask.Connector([.. leads, .. tails ?? []], tails: 1), leads, name),
                .. (tails ?? []).Select(t => new LandPigtail(ask.BoxId, t, ask.Box.Pigtails[t].To == place, RemedyAsk.In(joint))),
                new AddPigtail(ask.BoxId, ask.Free("tail"), RemedyAsk.In(joint), place, Length: ask.TailLength),
            ],
            For: BatchFor.JoinedWithTail
        );
    }
}

/// <summary>More on a place than it takes, or the wrong kind: one to a place.</summary>
public sealed class OneToAPlace : IRemedies
{
    public enum Case
    {
        Under,
        Join,
        IntoJoint,
    }

    public IReadOnlyList<string> Rules { get; } = ["landing", "push-in"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var place = ask.Box.Leads.Find(ask.Of)?.Lands
            ?? new[] { ask.Box.Pigtails.Find(ask.Of)?.From, ask.Box.Pigtails.Find(ask.Of)?.To }
                .OfType<Landing>()
                .FirstOrDefault(l => l.At == LandingAt.Terminal);
        if (place is not { At: LandingAt.Terminal, Device: { } device })
        {
            yield break;
        }

        var there = ask.Look.On(device).Where(e => e.At == place).ToList();
        var terminal = DeviceKinds.Find(ask.Box.Devices.Find(device)?.Kind)?.Terminals.FirstOrDefault(t => t.Id == place.Terminal);
        var free = terminal?.Landings.FirstOrDefault(l =>
            l.Id != place.Place && l.Kind != LandingKind.PushIn && !ask.Look.On(device).Any(e => e.At.Place == l.Id)
        );
        if (free is not null)
        {
            var to = RemedyAsk.At(device, free.Id);
            Edit edit = ask.Box.Leads.Has(ask.Of)
                ? new MoveLead(ask.BoxId, ask.Of, to)
                : new LandPigtail(ask.BoxId, ask.Of, ask.Box.Pigtails[ask.Of].To.At == LandingAt.Terminal, to);
            yield return Remedy.Of(Case.Under, edit, ("place", free.Kind));
        }

        var leads = there.Where(e => ask.Box.Leads.Has(e.Id)).Select(e => e.Id).ToList();
        if (leads.Count > 1 && leads.Count == there.Count)
        {
            yield return Remedy.Of(
                Case.Join,
                Spliced.Make(ask, leads, place, terminal?.Name ?? "joint"),
                ("count", leads.Count),
                ("tail", ask.Tail),
                ("terminal", new Thing(ThingKind.Terminal, terminal?.Id ?? "terminal", device))
            );
        }
        else if (
            leads.Count > 0
            && there.Count > leads.Count
            && there.FirstOrNull(e => ask.Box.Pigtails.Has(e.Id))?.Id is { } tail
            && ask.Box.Pigtails[tail] is var from
            && new[] { from.From, from.To }.FirstOrDefault(l => l.At == LandingAt.Joint) is { Joint: { } joint }
        )
        {
            var into = new Batch(
                [.. leads.Select(l => new MoveLead(ask.BoxId, l, RemedyAsk.In(joint))), ask.Connect(joint, leads)],
                For: BatchFor.IntoJoint
            );
            yield return Remedy.Of(Case.IntoJoint, into, ("joint", Thing.Joint(joint)));
        }
        else if (there.Count > 1)
        {
            yield return Remedy.Of(
                Case.Join,
                Spliced.Make(ask, leads, place, terminal?.Name ?? "joint", [.. there.Select(e => e.Id).Except(leads)]),
                ("count", there.Count),
                ("tail", ask.Tail),
                ("terminal", new Thing(ThingKind.Terminal, terminal?.Id ?? "terminal", device))
            );
        }
    }
}

/// <summary>A white conductor that is hot: tape it.</summary>
public sealed class MarkTheWhite : IRemedies
{
    public enum Case
    {
        Tape,
        ChangeOver,
    }

    public IReadOnlyList<string> Rules { get; } = ["white-hot"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (!ask.Box.Leads.TryFind(ask.Of, out var lead))
        {
            yield break;
        }

        if (lead.Use != ConductorUse.Switched)
        {
            yield return Remedy.Of(Case.Tape, new IdentifyLead(ask.BoxId, ask.Of, lead.Colour, lead.Use, "black"));
            yield break;
        }

        var hot = ask.Box.Leads.FirstOrNull(l => l.Value.Run == lead.Run && l.Value.Side == lead.Side && l.Value.Use == ConductorUse.Hot);
        if (hot is { } partner)
        {
            yield return Remedy.Of(
                Case.ChangeOver,
                new Batch(
                    [
                        new MoveLead(ask.BoxId, ask.Of, partner.Value.Lands),
                        new MoveLead(ask.BoxId, partner.Key, lead.Lands),
                        new IdentifyLead(ask.BoxId, ask.Of, lead.Colour, ConductorUse.Hot, "black"),
                        new IdentifyLead(ask.BoxId, partner.Key, partner.Value.Colour, ConductorUse.Switched, partner.Value.MarkedAs),
                    ],
                    For: BatchFor.SwitchLoop
                )
            );
        }
    }
}

/// <summary>A protective device fed on its load side: everything on load goes to line and the other way round.</summary>
public sealed class TurnLineAndLoad : IRemedies
{
    public enum Case
    {
        ChangeOver,
        OnlyFeedsOn,
        OntoLoad,
    }

    public IReadOnlyList<string> Rules { get; } = ["line-load"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if ((ask.Box.Devices.Has(ask.Of) ? (Id<Device>)ask.Of : ask.Look.Devices.FirstOrNull(d => d.Kind.Protects)?.Id) is not { } device)
        {
            yield break;
        }

        if (ask.Finding.Is("line-load", LineAndLoad.Case.FeedOnLoad) || ask.Finding.Is("line-load", LineAndLoad.Case.NeutralOnLoad))
        {
            var turned = new List<Edit>();
            foreach (var end in ask.Look.On(device))
            {
                if (OverThere(ask, device, end.At) is not { } to)
                {
                    continue;
                }

                turned.Add(
                    ask.Box.Leads.Has(end.Id)
                        ? new MoveLead(ask.BoxId, end.Id, to)
                        : new LandPigtail(ask.BoxId, end.Id, ask.Box.Pigtails[end.Id].To == end.At, to)
                );
            }

            yield return Remedy.Of(Case.ChangeOver, new Batch(turned, For: BatchFor.LineAndLoad));
        }
        else if (
            ask.Finding.Is("line-load", LineAndLoad.Case.NotOnLoad)
            && ask.Look.Cables.FirstOrDefault(c => c.End.Feeds == Feeds.Protected && c.Leads.Any(l => ask.Finding.Ids.Contains(l.Text)))
                is { } cable
        )
        {
            yield return Remedy.Of(Case.OnlyFeedsOn, new NameCable(ask.BoxId, cable.RunId, cable.Side, cable.End.Says, Feeds.FeedsOn));
            var moves = cable
                .Leads.Where(l =>
                    ask.Box.Leads[l].Use is ConductorUse.Hot or ConductorUse.Neutral && ask.Box.Leads[l].Form == LeadForm.Ended
                )
                .Select(l => new MoveLead(
                    ask.BoxId,
                    l,
                    RemedyAsk.At(
                        device,
                        Load(ask, device, ask.Box.Leads[l].Use == ConductorUse.Hot ? TerminalRole.LoadHot : TerminalRole.LoadNeutral)!
                    )
                ))
                .ToList<Edit>();
            if (moves.Count == 2)
            {
                yield return Remedy.Of(Case.OntoLoad, new Batch(moves, For: BatchFor.LoadSide), ("device", Thing.Device(device)));
            }
        }
    }

    private static string? Load(RemedyAsk ask, Id<Device> device, TerminalRole role) =>
        DeviceKinds.Find(ask.Box.Devices[device].Kind)?.PlaceOf(role)?.Id;

    /// <summary>The same place on the other side of the device; null for what is on neither.</summary>
    private static Landing? OverThere(RemedyAsk ask, Id<Device> device, Landing at) =>
        DeviceKinds.Spot(ask.Box.Devices[device].Kind, at.Place) is var (terminal, _)
        && (terminal.Role.IsLine() || terminal.Role.IsLoad())
        && Load(ask, device, terminal.Role.OverThere()) is { } place
            ? RemedyAsk.At(device, place)
            : null;
}
