using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Answers end with the thing they were given for: what was swapped, taken off or made anew is asked about again. Answers about
/// things that are gone altogether end with <see cref="Subjects.Pruned"/>.</summary>
/// <remarks>Practice; NEC 406.4(D) and 404.22 for what is replaced: it is judged by today, however old the box.</remarks>
internal static class EndedAnswers
{
    /// <summary>Of the place and of what hangs there, not of the device: they outlive it.</summary>
    private static readonly HashSet<string> OutliveDevice = [DeviceFacts.Watts.Id, DeviceFacts.Hangs.Id, DeviceFacts.Lasting.Id];

    /// <summary>Of the box that was in the wall, not of its surroundings or its plate.</summary>
    private static readonly HashSet<string> OfTheBox =
    [
        .. new FactKey[]
        {
            BoxFacts.Held,
            BoxFacts.EarsBacked,
            BoxFacts.Nails,
            BoxFacts.Clean,
            BoxFacts.BondScrew,
            BoxFacts.BondedThrough,
            BoxFacts.BoxWetListed,
            BoxFacts.CarriedBy,
            BoxFacts.FanListed,
            BoxFacts.ThroughListed,
            BoxFacts.LowVoltage,
            WallFacts.Setback,
            WallFacts.Proud,
            WallFacts.Gap,
            WallFacts.PlateSeats,
            WallFacts.FireProtected,
            WallFacts.Sealed,
            WallFacts.AsBuilt,
        }.Select(k => k.Id),
    ];

    private static readonly HashSet<string> OfThePlate = [BoxFacts.PlateMetal.Id, WallFacts.PlateSeats.Id];

    /// <summary>The box after an edit without the answers that were about what the edit replaced.</summary>
    public static Box Without(Box before, Box after)
    {
        if (after.Noted.Count == 0 || ReferenceEquals(before, after))
        {
            return after;
        }

        var noted = after.Noted.Each(
            (of, noted) =>
            {
                var facts = noted.Facts.Each((key, fact) => Ends(before, after, of, key) ? null : fact);
                return facts.Count == 0 ? null
                    : ReferenceEquals(facts, noted.Facts) ? noted
                    : noted with { Facts = facts };
            }
        );
        return ReferenceEquals(noted, after.Noted) ? after : after with { Noted = noted };
    }

    /// <summary>True where an answer was about what the breaker of this key was before.</summary>
    public static bool Replaced(Panel? before, Panel after, string key)
    {
        Breaker? Of(Panel? panel) => panel?.Breakers.FirstOrDefault(b => b.Key == key);
        return Of(before) is { } old && Of(after) is { } now && (Known(old), Known(now)) is var (was, here) && was != here;

        static (BreakerKind, decimal?, int) Known(Breaker breaker) => (breaker.Kind, breaker.Amperes, breaker.Poles);
    }

    private static bool Ends(Box before, Box after, string of, string key) =>
        FactKeys.Find(key)?.Of switch
        {
            FactOf.Box => (OfTheBox.Contains(key) && AnotherBox(before, after))
                || (OfThePlate.Contains(key) && PlateOff(before, after))
                || (key == WallFacts.AsBuilt.Id && before.Devices.Any(d => after.Devices.Find(d.Key)?.Kind != d.Value.Kind)),
            FactOf.Device => !OutliveDevice.Contains(key)
                && before.Devices.Find(of) is { } old
                && after.Devices.Find(of) is { } now
                && (old.Kind != now.Kind || (key == DeviceFacts.Torqued.Id && !On(before, of).SetEquals(On(after, of)))),
            FactOf.Entry => before.Entries.Find(of)?.Holding is { } held
                && held != Holding.Unknown
                && held != after.Entries.Find(of)?.Holding,
            FactOf.Joint => before.Joints.Find(of) is { } old
                && after.Joints.Find(of) is { } now
                && (old.Connector != now.Connector || (key == LeadFacts.Tight.Id && !In(before, of).SetEquals(In(after, of)))),
            FactOf.Wire => (key == LeadFacts.Hook.Id || key == LeadFacts.Bare.Id)
                && (
                    (before.Leads.Find(of)?.Lands is { } was && was != after.Leads.Find(of)?.Lands)
                    || (before.Pigtails.Find(of) is { } tail && (tail.From, tail.To) != Ends(after.Pigtails.Find(of)))
                ),
            _ => false,
        };

    private static (Landing?, Landing?) Ends(Pigtail? tail) => (tail?.From, tail?.To);

    /// <summary>A box of another kind; one that nobody knew the kind of is the same box, known now.</summary>
    private static bool AnotherBox(Box before, Box after) => before.Kind != after.Kind && before.Kind != BoxKinds.Unlisted;

    private static bool PlateOff(Box before, Box after) =>
        before.Parts.Any(p => p.Value.Role is PartRole.Plate or PartRole.FlatCover or PartRole.RaisedCover && !after.Parts.Has(p.Key));

    private static HashSet<(string Id, Landing At)> On(Box box, string device) => Lying(box, l => l.IsOn(device));

    private static HashSet<(string Id, Landing At)> In(Box box, string joint) => Lying(box, l => l.IsIn(joint));

    /// <summary>The ends that lie so, each with where: under one id a pigtail has two.</summary>
    private static HashSet<(string Id, Landing At)> Lying(Box box, Func<Landing, bool> so) =>
        [
            .. box
                .Leads.Select(l => (l.Key.Text, l.Value.Lands))
                .Concat(box.Pigtails.SelectMany(p => new[] { (p.Key.Text, p.Value.From), (p.Key.Text, p.Value.To) }))
                .Where(end => so(end.Item2)),
        ];
}
