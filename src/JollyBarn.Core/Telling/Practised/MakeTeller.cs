using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Practice;
using JollyBarn.Practice.Made;
using JollyBarn.Telling.Hunting;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Practised;

/// <summary>A box to be made up, in words.</summary>
/// <param name="Wishes">What has to work when it is done.</param>
/// <param name="Order">The order the house makes up in.</param>
public sealed record ToldMake(IReadOnlyList<string> Wishes, string Order);

/// <summary>A wish with what became of it.</summary>
public sealed record ToldMadeWish(string Says, WishOutcome Outcome);

/// <summary>A verdict at a box of the house.</summary>
/// <param name="Box">Name of the box; null for the one that was made up.</param>
public sealed record ToldMadeFinding(string? Box, ToldFinding Finding);

/// <summary>A box that was made up, marked, in words.</summary>
/// <param name="Touched">What somebody would get who touches it.</param>
/// <param name="Done">Every lead lies somewhere.</param>
/// <param name="Slips">What was out of turn.</param>
public sealed record ToldMakeMark(
    bool Right,
    IReadOnlyList<ToldMadeWish> Wishes,
    IReadOnlyList<ToldMadeFinding> Found,
    IReadOnlyList<string> Touched,
    bool Done,
    IReadOnlyList<string> Slips,
    IReadOnlyList<SkillGrade> Skills
);

/// <summary>Tells boxes to be made up.</summary>
public static class MakeTeller
{
    private static readonly Dictionary<MakeTurn, string> Turns = new()
    {
        [MakeTurn.Grounds] = "the grounds",
        [MakeTurn.Neutrals] = "the neutrals",
        [MakeTurn.Hots] = "the hots",
        [MakeTurn.LoadSide] = "the load side",
        [MakeTurn.LineSide] = "the line side",
    };

    public static ToldMake Tell(MakeDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        return new([.. Grouped(drill).Select(w => w.Says)], Order(drill));
    }

    public static ToldMakeMark Tell(MakeDrill drill, Job made, MakeMarked marked)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(made);
        ArgumentNullException.ThrowIfNull(marked);
        var outcomes = marked.Wishes.ToDictionary(w => w.Wish.Outlet, w => w.Outcome, StringComparer.Ordinal);
        var names = new Names(made, drill.Box);
        return new(
            marked.Right,
            [.. Grouped(drill).Select(w => new ToldMadeWish(w.Says, w.Of.Max(o => outcomes[o.Outlet])))],
            [
                .. marked.Found.Select(f => new ToldMadeFinding(
                    f.Box == drill.Box ? null : made.Boxes[f.Box].Name,
                    new Teller(made, f.Box).Tell(f.Finding)
                )),
            ],
            [
                .. marked.Bare.Select(e =>
                    $"{Line.Start(names.Of(new Thing(ThingKind.Lead, e.Lead.Text)))} lies bare in the box: {Shock(e.Volts, e.Milliamperes)}"
                ),
                .. marked.Touched.Select(t => Touched(made, t)),
                .. marked.Ungrounded.Select(p =>
                    $"{Line.Start(LookWords.Point(made, p))} has no way back to the panel: what makes it live opens no standard breaker"
                ),
            ],
            marked.Done,
            [
                .. marked.Slips.Select(s =>
                    $"{Line.Start(names.Of(new Thing(ThingKind.Lead, s.Lead.Text)))} was put in before {Turns[s.Before]} were done"
                ),
            ],
            marked.Graded()
        );
    }

    private static string Order(MakeDrill drill)
    {
        var practice = drill.Job.Practice;
        var order = PracticeBook.Order.Choices.First(c => c.Value == practice.Answer(PracticeBook.Order)).Name;
        var gfci = PracticeBook.GfciOrder.Choices.First(c => c.Value == practice.Answer(PracticeBook.GfciOrder)).Name;
        var protects = drill.Job.Boxes[drill.Box].Devices.Values.Any(d => DeviceKinds.Find(d.Kind) is { } k && k.Has(TerminalRole.LoadHot));
        return protects ? $"{Line.Start(order)}; {gfci}" : Line.Start(order);
    }

    /// <summary>Wishes of one device that are alike are one.</summary>
    private static IEnumerable<(string Says, IReadOnlyList<Wish> Of)> Grouped(MakeDrill drill) =>
        drill
            .Wishes.GroupBy(w => (Device(drill.Sound, w), string.Join(',', w.Levers)))
            .Select(g => (Says(drill, [.. g]), (IReadOnlyList<Wish>)[.. g]));

    private static string Says(MakeDrill drill, IReadOnlyList<Wish> alike)
    {
        var look = new Look(LookKind.Outlet, alike[0].Outlet);
        var box = Places.Of(drill.Sound, look).First();
        var whole = drill.Wishes.Count(w => Device(drill.Sound, w) == Device(drill.Sound, alike[0])) == alike.Count;
        var device = Device(drill.Sound, alike[0]).Device;
        var half = whole
            ? null
            : DeviceKinds
                .Find(drill.Sound.Boxes[box].Devices[device].Kind)
                ?.Inside.OfType<Slots>()
                .FirstOrDefault(s => Points.Terminal(box, device, s.Hot) == alike[0].Outlet)
                ?.Half;
        var what =
            (half is null ? "the " : $"the {half} half of the ") + new Names(drill.Sound, box).Of(new Thing(ThingKind.Device, device));
        var at = box == drill.Box ? "here" : $"in {drill.Sound.Boxes[box].Name}";
        var by = alike[0].Levers.Select(l => Switch(drill, l)).ToList();
        var how = by.Count == 0 ? "always on" : $"switched by {string.Join(" and by ", by)}";
        return $"{Line.Start(what)} {at}: {how}";
    }

    private static string Switch(MakeDrill drill, string key)
    {
        var (box, lever) = drill
            .Sound.Boxes.SelectMany(b => Lever.In(b.Key, b.Value).Select(l => (b.Key, Lever: l)))
            .First(l => l.Lever.Key == key);
        var name = $"the {new Names(drill.Sound, box).Of(new Thing(ThingKind.Device, lever.Device.Text))}";
        return box == drill.Box ? $"{name} here" : $"{name} in {drill.Sound.Boxes[box].Name}";
    }

    /// <summary>The device an outlet is of, and its box.</summary>
    private static (Id<Box> Box, string Device) Device(Job job, Wish wish)
    {
        var look = new Look(LookKind.Outlet, wish.Outlet);
        var box = Places.Of(job, look).First();
        return (
            box,
            job.Boxes[box]
                .Devices.Ids.First(d =>
                    Signature.Pairs(box, d, DeviceKinds.Find(job.Boxes[box].Devices[d].Kind)).Any(p => p.Hot == wish.Outlet)
                )
                .Text
        );
    }

    private static string Touched(Job made, LivePart part) =>
        $"{Line.Start(LookWords.Point(made, part.Point))} in {made.Boxes[part.Box].Name}: {Shock(part.Volts, part.Milliamperes)}";

    private static string Shock(double volts, double milliamperes) =>
        string.Create(CultureInfo.InvariantCulture, $"{volts:0} V, {milliamperes:0} mA through a person");
}
