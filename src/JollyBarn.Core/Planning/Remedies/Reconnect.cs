using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Conductors that lie where they do not belong: one move, one exchange, or a pigtail taken out. Every way there is is tried, and
/// what settles the verdict with nothing worse anywhere is told.</summary>
public sealed class Reconnect : IRemedies
{
    public enum Case
    {
        TakeOut,
        ChangeOver,
        IntoJoint,
        Onto,
    }

    public IReadOnlyList<string> Rules { get; } =
    [
        "short",
        "neutral-ground",
        "polarity",
        "switch-neutral-cut",
        "live-metal",
        "switch-works",
        "line-load",
        "gfci",
        "fed",
        "green",
        "white-hot",
        "colour",
    ];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var devices = ask.Box.Devices.Ids.Where(d => ask.Finding.Of == d || ask.Finding.Ids.Contains(d.Text)).ToList();
        var ends = Ends(ask)
            .Where(e =>
                ask.Finding.Ids.Contains(e.Id.Text)
                || ask.Finding.Of == e.Id
                || devices.Exists(d => e.At.IsOn(d))
                || (ask.Finding.Rule == "fed" && e.At.At is LandingAt.Cap or LandingAt.Loose)
            )
            .ToList();
        return
        [
            .. TakenOut(ask, ends),
            .. ChangedOver(ask, ends),
            .. ends.SelectMany(e => IntoJoints(ask, e)),
            .. ends.SelectMany(e => Onto(ask, e, devices)),
        ];
    }

    /// <summary>Ends of conductors in the box: of cables, of a device's own leads, and both ends of pigtails.</summary>
    private static IEnumerable<LeadEnd> Ends(RemedyAsk ask) =>
        ask
            .Box.Leads.Where(l => l.Value.Form == LeadForm.Ended)
            .Select(l => new LeadEnd(l.Key, l.Value.Lands, null))
            .Concat(
                ask.Box.Pigtails.SelectMany(t => new[] { new LeadEnd(t.Key, t.Value.From, false), new LeadEnd(t.Key, t.Value.To, true) })
            );

    private static IEnumerable<Remedy> TakenOut(RemedyAsk ask, IReadOnlyList<LeadEnd> ends) =>
        ends.Where(e => e.Far is not null)
            .Select(e => e.Id)
            .Distinct()
            .Select(tail => Remedy.Of(Case.TakeOut, new RemovePigtail(ask.BoxId, tail), ("lead", Thing.Lead(tail))));

    private static IEnumerable<Remedy> ChangedOver(RemedyAsk ask, IReadOnlyList<LeadEnd> ends) =>
        from i in Enumerable.Range(0, ends.Count)
        from j in Enumerable.Range(i + 1, ends.Count - i - 1)
        let one = ends[i]
        let other = ends[j]
        where one.Id != other.Id && one.At != other.At
        select Remedy.Of(
            Case.ChangeOver,
            new Batch([one.Move(ask, other.At), other.Move(ask, one.At)], For: BatchFor.ChangedOver),
            ("one", Thing.Lead(one.Id)),
            ("other", Thing.Lead(other.Id))
        );

    private static IEnumerable<Remedy> IntoJoints(RemedyAsk ask, LeadEnd end) =>
        ask
            .Box.Joints.Ids.Where(j => !end.At.IsIn(j))
            .Select(j =>
                Remedy.Of(
                    Case.IntoJoint,
                    new Batch([end.Move(ask, RemedyAsk.In(j)), ask.Connect(j, [end.Id])], For: BatchFor.OwnKind),
                    ("lead", Thing.Lead(end.Id)),
                    ("joint", Thing.Joint(j))
                )
            );

    /// <summary>Free places of the devices spoken of, the first of each terminal.</summary>
    private static IEnumerable<Remedy> Onto(RemedyAsk ask, LeadEnd end, IReadOnlyList<Id<Device>> devices) =>
        from device in devices
        from terminal in DeviceKinds.Find(ask.Box.Devices[device].Kind)?.Terminals ?? []
        where !(end.At.IsOn(device) && end.At.Terminal == terminal.Id)
        let place = terminal.Landings.FirstOrDefault(p =>
            p.Kind != LandingKind.PushIn && ask.Look.On(device).Count(e => e.At.Place == p.Id) < p.Holds
        )
        where place is not null
        select Remedy.Of(
            Case.Onto,
            end.Move(ask, RemedyAsk.At(device, place.Id)),
            ("lead", Thing.Lead(end.Id)),
            ("terminal", new Thing(ThingKind.Terminal, terminal.Id, device))
        );

    /// <summary>One end of a conductor, and where it lies.</summary>
    /// <param name="Far">Of a pigtail, which end.</param>
    private readonly record struct LeadEnd(Id<Lead> Id, Landing At, bool? Far)
    {
        public Edit Move(RemedyAsk ask, Landing to) =>
            Far is { } far ? new LandPigtail(ask.BoxId, Id, far, to) : new MoveLead(ask.BoxId, Id, to);
    }
}
