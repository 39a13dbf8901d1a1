using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>A length of wall along the floor, or of a counter, that asks for receptacles.</summary>
/// <param name="OpenLeft">True where it goes on beyond this wall: round the corner somebody has to look.</param>
/// <param name="OpenRight">The same at its right end.</param>
/// <param name="Outlets">Receptacles along it, from the left.</param>
public sealed record WallSpace(Stretch Along, bool OpenLeft, bool OpenRight, IReadOnlyList<SpacedOutlet> Outlets);

/// <summary>A receptacle along a space, and what of it the receptacle reaches.</summary>
public sealed record SpacedOutlet(Id<Box> Box, Stretch At, Stretch Reaches);

/// <summary>Why it is not decided that nothing reaches a part.</summary>
public enum GapOpen
{
    /// <summary>One round the corner may.</summary>
    Corner,

    /// <summary>A box of this wall may: nobody measured where it is, or knows what is in it, or a place is a guess.</summary>
    Box,
}

/// <summary>A part no receptacle of this wall reaches.</summary>
/// <param name="Open">What may reach it all the same; null where it is decided.</param>
public sealed record WallGap(Length From, Length To, GapOpen? Open)
{
    public Length Size => To - From;
}

/// <summary>What the receptacles of one face reach along it.</summary>
/// <remarks>NEC 210.52(A)(1): no point along the floor line of a wall space is more than 6 ft from a receptacle; (A)(2): a space is 2 ft or
/// more wide, unbroken by doorways and by fixed cabinets without a counter. 210.52(C)(1): along a counter 2 ft, for one 12 in or wider.
/// 210.52: one higher than 5½ ft does not count.</remarks>
/// <param name="Known">True where every box of the face has its place by numbers that were read, and it is known what is in it: only then
/// is it decided what no receptacle reaches.</param>
public sealed record WallReach(IReadOnlyList<WallSpace> Spaces, IReadOnlyList<WallGap> Gaps, Length Most, bool Known)
{
    /// <summary>Along the floor. None without the length of the wall, and none of a ceiling or floor.</summary>
    public static WallReach Floor(WallPlan plan, WallSide side, LimitTable limits)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(limits);
        var (most, least) = (limits.Inches("outlet.wall"), limits.Inches("outlet.wall.least"));
        if (plan.Wide is not { } wide || plan.Wall.Kind != FaceKind.Wall)
        {
            return new([], [], most, false);
        }

        var cuts = plan
            .Things.Where(t => Breaks(plan, t.Key, t.Value, side))
            .Select(t => t.Value.Across)
            .OfType<Stretch>()
            .OrderBy(s => s.Low)
            .ToList();
        var outlets = Outlets(plan, side, limits);
        var spaces = new List<WallSpace>();
        var (from, open) = (Length.Zero, true);
        foreach (var cut in cuts.Append(null))
        {
            var to = cut is null || cut.Low > wide ? wide : cut.Low;
            if (to > from)
            {
                spaces.Add(Space(new(from, to, true), open, cut is null, outlets, most));
            }

            if (cut is not null && cut.High > from)
            {
                (from, open) = (cut.High, false);
            }
        }

        return Of(spaces.Where(s => s.Along.Size >= least || s.OpenLeft || s.OpenRight), most, IsKnown(plan, side));
    }

    /// <summary>Along the counters of a face.</summary>
    public static WallReach Counters(WallPlan plan, WallSide side, LimitTable limits)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(limits);
        var (most, least) = (limits.Inches("outlet.counter"), limits.Inches("outlet.counter.least"));
        var outlets = Outlets(plan, side, limits);
        return Of(
            plan.Things.Where(t => plan.Wall.Things[t.Key] is { Kind: WallThingKind.Counter } c && (c.Side ?? WallSide.Near) == side)
                .Where(t => t.Value.Across is { } a && a.Size >= least)
                .Select(t =>
                    Space(t.Value.Across!, false, false, [.. outlets.Where(o => t.Value.Up is not { } up || o.Up.Low >= up.High)], most)
                ),
            most,
            IsKnown(plan, side)
        );
    }

    /// <summary>Whether receptacles are asked along the walls of a place, 210.52(A) and (C): rooms one lives in. Where nobody said what it
    /// is, nothing is decided.</summary>
    public static bool Asks(RoomUse? use) =>
        use is RoomUse.Kitchen or RoomUse.Bedroom or RoomUse.Living or RoomUse.Dining or RoomUse.Pantry;

    /// <summary>The space a receptacle stands in; null where it stands in none.</summary>
    public WallSpace? Around(Id<Box> box) => Spaces.FirstOrDefault(s => s.Outlets.Any(o => o.Box == box));

    /// <summary>How far a receptacle is from the ones beside it in its space, and from an end where it is the last: the farther of both
    /// sides. An end at a corner is none.</summary>
    /// <returns>Nulls where there is none beside it, or no such end.</returns>
    public (Length? Next, Length? Edge) Ways(Id<Box> box)
    {
        if (Around(box) is not { } space)
        {
            return (null, null);
        }

        var at = space.Outlets.ToList().FindIndex(o => o.Box == box);
        var middles = space.Outlets.Select(o => o.At.Middle).ToList();
        List<Length> next = [],
            edge = [];
        if (at > 0)
        {
            next.Add(middles[at] - middles[at - 1]);
        }
        else if (!space.OpenLeft)
        {
            edge.Add(middles[at] - space.Along.Low);
        }

        if (at < middles.Count - 1)
        {
            next.Add(middles[at + 1] - middles[at]);
        }
        else if (!space.OpenRight)
        {
            edge.Add(space.Along.High - middles[at]);
        }

        return (next.Count > 0 ? next.Max() : null, edge.Count > 0 ? edge.Max() : null);
    }

    private static WallReach Of(IEnumerable<WallSpace> spaces, Length most, bool known)
    {
        var all = spaces.ToList();
        return new(all, [.. all.SelectMany(s => Unreached(s, most)).Select(g => known ? g : g with { Open = GapOpen.Box })], most, known);
    }

    /// <summary>What a space or a counter ends at.</summary>
    private static bool Bounds(WallThingKind kind) => kind is WallThingKind.Door or WallThingKind.Cabinet or WallThingKind.Counter;

    private static bool IsKnown(WallPlan plan, WallSide side) =>
        plan.Unplaced.Count == 0
        && plan.Wall.Things.Where(t => Bounds(t.Value.Kind)).All(t => plan.Things.GetValueOrDefault(t.Key)?.Across is { Sure: true })
        && plan.Boxes.Where(b => b.Side == side)
            .All(b => b.At is { Across.Sure: true, Up.Sure: true } && (b.Box.Devices.Count > 0 || b.Box.Contents == Contents.Complete));

    private static WallSpace Space(
        Stretch along,
        bool openLeft,
        bool openRight,
        IReadOnlyList<(Id<Box> Box, Stretch Across, Stretch Up)> outlets,
        Length most
    ) =>
        new(
            along,
            openLeft,
            openRight,
            [
                .. outlets
                    .Where(o => o.Across.Middle >= along.Low && o.Across.Middle <= along.High)
                    .OrderBy(o => o.Across.Low)
                    .Select(o => new SpacedOutlet(
                        o.Box,
                        o.Across,
                        new(Max(o.Across.Middle - most, along.Low), Min(o.Across.Middle + most, along.High), o.Across.Sure)
                    )),
            ]
        );

    /// <summary>Between two receptacles, and to an end that is a door, a gap is decided; at a corner only as far as one round it could not
    /// reach.</summary>
    private static IEnumerable<WallGap> Unreached(WallSpace space, Length most)
    {
        var at = space.Along.Low;
        foreach (var outlet in space.Outlets)
        {
            if (outlet.Reaches.Low > at)
            {
                var corner = space.OpenLeft && at == space.Along.Low && outlet.Reaches.Low - at <= most;
                yield return new(at, outlet.Reaches.Low, corner ? GapOpen.Corner : null);
            }

            at = Max(at, outlet.Reaches.High);
        }

        if (space.Along.High > at)
        {
            var none = space.Outlets.Count == 0;
            var open = space.OpenRight || (none && space.OpenLeft);
            var reach = none && space is { OpenLeft: true, OpenRight: true } ? most + most : most;
            yield return new(at, space.Along.High, open && space.Along.High - at <= reach ? GapOpen.Corner : null);
        }
    }

    private static List<(Id<Box> Box, Stretch Across, Stretch Up)> Outlets(WallPlan plan, WallSide side, LimitTable limits)
    {
        var high = limits.Inches("outlet.high");
        return
        [
            .. plan
                .Boxes.Where(b => b.Side == side && b.At.IsPlaced && HasReceptacle(b.Box))
                .Where(b => b.At.Up!.Middle - plan.Floor(side, true, b.At.Across!.Middle) <= high)
                .Select(b => (b.Id, b.At.Across!, b.At.Up!)),
        ];
    }

    private static bool HasReceptacle(Box box) => box.Devices.Values.Any(d => DeviceKinds.Find(d.Kind)?.Receptacle == true);

    private static bool Breaks(WallPlan plan, string id, Extent at, WallSide side)
    {
        var thing = plan.Wall.Things[id];
        return thing.Kind switch
        {
            WallThingKind.Door => true,
            WallThingKind.Cabinet => (thing.Side ?? WallSide.Near) == side
                && !plan.Things.Any(t =>
                    plan.Wall.Things[t.Key].Kind == WallThingKind.Counter && t.Value.Across is { } c && at.Across is { } a && c.Meets(a)
                ),
            _ => false,
        };
    }

    private static Length Max(Length a, Length b) => a > b ? a : b;

    private static Length Min(Length a, Length b) => a < b ? a : b;
}
