using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Planning.Remedies;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Ways to put another device in the place of one, and to make up a box whose cables are in and lie free.</summary>
/// <remarks>A receptacle that is replaced is of the kind and has the protection that is required now, NEC 406.4(D).</remarks>
internal sealed class DeviceWays(Job job, Wish wish, Stock stock)
{
    private const string TwoSlot = "receptacle-two-slot";

    /// <summary>Kinds of receptacle one may be replaced with.</summary>
    private static readonly string[] Receptacles = ["receptacle", "protective", TwoSlot];

    public (IReadOnlyList<WayDraft> Drafts, IReadOnlyList<Rejected> Rejected) Replace() =>
        job.Boxes.Find(wish.Box) is not { } box ? ([], [])
        : Old(box) is not { } old ? ([], [None(WayMiss.NoDevice)])
        : (
            [
                .. Kinds(box.Devices[old].Kind)
                    .SelectMany(kind => Shields(wish.Box!.Value, old, kind).Select(shield => (kind, shield)))
                    .Select(one => new WayChoice
                    {
                        From = wish.Box,
                        Old = old,
                        Device = one.kind,
                        Shield = one.shield,
                    })
                    .Select((choice, i) => new WayDraft(choice, i, _ => Replaced(choice))),
            ],
            []
        );

    public (IReadOnlyList<WayDraft> Drafts, IReadOnlyList<Rejected> Rejected) MakeUp()
    {
        if (job.Boxes.Find(wish.Box) is not { } box || wish.Box is not { } id)
        {
            return ([], []);
        }

        var then = Free(Equipped(box, id).Now, id);
        List<WayDraft> makes =
        [
            .. UsualMakes
                .Find(then, id, then.Boxes[id], "make")
                .Select(make =>
                    (
                        Make: make,
                        Choice: new WayChoice
                        {
                            From = id,
                            Device = box.Devices.Count == 0 ? wish.Device : null,
                            Make = make.Make,
                        }
                    )
                )
                .Select((m, i) => new WayDraft(m.Choice, i, _ => MadeUp(m.Choice, m.Make))),
        ];
        return (makes, makes.Count > 0 ? [] : [None(WayMiss.NoMake)]);
    }

    private Rejected None(WayMiss why) =>
        Rejected.Of(new() { From = wish.Box }, why, ("box", new Thing(ThingKind.Box, wish.Box!.Value.Text)));

    /// <summary>The device in question: the one that was named, else the first.</summary>
    private Id<Device>? Old(Box box) =>
        wish.Of is { } said
            ? (box.Devices.Has(said) ? said : null)
            : box.Devices.OrderBy(d => d.Value.Gang).Select(d => d.Key).FirstOrNull();

    private IEnumerable<string> Kinds(string old) =>
        wish.Device is { } wanted ? [wanted]
        : Receptacles.Contains(old) ? new[] { old }.Concat(Receptacles.Where(k => k != old && (k != TwoSlot || old == TwoSlot)))
        : [old];

    /// <summary>Whether cables that go on from the old device may hang behind the new one.</summary>
    private IEnumerable<Shield> Shields(Id<Box> id, Id<Device> old, string kind)
    {
        yield return Shield.None;
        if (DeviceKinds.Find(kind)?.Has(TerminalRole.LoadHot) == true && GoingOn(job, id, old).Any())
        {
            yield return Shield.LoadSide;
        }
    }

    /// <summary>Leads on the device that go on to something: of cables that do not bring its power, where one is known to bring
    /// it.</summary>
    private static IEnumerable<KeyValuePair<Id<Lead>, Lead>> GoingOn(Job job, Id<Box> id, Id<Device> device)
    {
        var box = job.Boxes[id];
        bool Brings(Lead lead) => job.Runs.Find(lead.Run)?.End(lead.Side).Feeds == Feeds.FeedsIn;
        var there = box.Leads.Where(l => l.Value.Run is not null && l.Value.Lands.IsOn(device) && !l.Value.IsGround).ToList();
        return there.Exists(l => Brings(l.Value)) ? there.Where(l => !Brings(l.Value)) : [];
    }

    private static IReadOnlyList<Edit> Behind(Job job, Id<Box> id, Id<Device> device)
    {
        var kind = DeviceKinds.Find(job.Boxes[id].Devices[device].Kind)!;
        return
        [
            .. GoingOn(job, id, device)
                .Select(l => new MoveLead(
                    id,
                    l.Key,
                    RemedyAsk.At(
                        device,
                        kind.PlaceOf(
                            kind.Terminals.First(t => t.Id == l.Value.Lands.Terminal).Role.IsNeutral()
                                ? TerminalRole.LoadNeutral
                                : TerminalRole.LoadHot
                        )!.Id
                    )
                )),
        ];
    }

    private BuiltWay Replaced(WayChoice choice)
    {
        var (id, old, kind) = (choice.From!.Value, choice.Old!.Value, choice.Device!);
        if (Missing(kind) is { } part)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NoPart, ("part", part)));
        }

        var building = new Building(job);
        if (DeviceSwap.Of(RemedyAsk.OfBox(job, id), old, kind) is not { } swap)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NoPlace, ("kind", kind)));
        }

        return
            building.Do(swap)
            && building.Do(Bought.With(job, id, old, kind))
            && (choice.Shield != Shield.LoadSide || building.Do(Behind(building.Now, id, old)))
            ? new(choice, building.Done(), null)
            : BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
    }

    /// <summary>The box with the device that is wanted in it.</summary>
    private Building Equipped(Box box, Id<Box> id)
    {
        var building = new Building(job);
        if (box.Devices.Count == 0 && wish.Device is { } kind)
        {
            Id<Device> device = Ids.Free("made", d => box.Devices.Has(d));
            if (building.Do(new AddDevice(id, device, kind)))
            {
                building.Do(Bought.With(job, id, device, kind));
            }
        }

        return building;
    }

    /// <summary>Ends that lie loose or are capped are as free to be landed as those nobody has looked at.</summary>
    private static Job Free(Job job, Id<Box> id) =>
        job with
        {
            Boxes = job.Boxes.With(
                id,
                job.Boxes[id] with
                {
                    Leads = job.Boxes[id]
                        .Leads.Each((_, l) => l.Lands.At is LandingAt.Loose or LandingAt.Cap ? l with { Lands = Landing.Unknown } : l),
                }
            ),
        };

    private BuiltWay MadeUp(WayChoice choice, UsualMakeUp make)
    {
        var id = choice.From!.Value;
        if (choice.Device is { } kind && Missing(kind) is { } part)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NoPart, ("part", part)));
        }

        var building = Equipped(job.Boxes[id], id);
        return building.Do([.. make.Places.Select(p => p.Edit)])
            ? new(choice, building.Done(), null)
            : BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
    }

    private PartId? Missing(string kind) => new PartId(PartSort.Device, kind) is var part && stock.Has(part) ? null : part;
}
