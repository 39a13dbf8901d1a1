using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Planning.Ways;
using JollyBarn.Telling.Phrases;
using JollyBarn.Telling.Walls;
using JollyBarn.Terms;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Ways;

/// <summary>What ways, and what rejects them, are called.</summary>
internal sealed class WayWords(Job job)
{
    private static readonly Dictionary<Repair, string> Repairs = new()
    {
        [Repair.OneBox] = "One box at the place, both ends joined in it",
        [Repair.OneBoxWithTails] = "One box at the place, the short ends made longer with tails",
        [Repair.TwoBoxes] = "Two boxes where the cable is whole, a new piece between",
        [Repair.ListedSplice] = "A listed splice, concealed where it lies",
        [Repair.NewRun] = "A new cable from end to end",
    };

    private static readonly Dictionary<WayRoute, string> Routes = new()
    {
        [WayRoute.Inside] = "inside the wall",
        [WayRoute.Surface] = "along the wall, in a raceway",
        [WayRoute.UnderFloor] = "down, under the floor and up",
        [WayRoute.Outside] = "outside",
    };

    private static readonly Dictionary<TapMiss, string> Taps = new()
    {
        [TapMiss.NoHot] = "no hot is known there",
        [TapMiss.NoBox] = "there is no box to bring a cable into; it wants one first",
        [TapMiss.OnlySwitched] = "its only hot comes through a switch",
        [TapMiss.NoNeutral] = "no neutral comes there",
        [TapMiss.NoLoadSide] = "nothing there protects what hangs behind it",
    };

    private readonly Names names = new(job);

    /// <summary>The way in a line.</summary>
    public string Title(WayChoice choice) => First(string.Join(", ", Pieces(choice)));

    /// <summary>What it begins with.</summary>
    public string Head(WayChoice choice) => First(Pieces(choice).First());

    /// <summary>The rest of it.</summary>
    public IReadOnlyList<string> How(WayChoice choice) => [.. Pieces(choice).Skip(1)];

    private IEnumerable<string> Pieces(WayChoice choice)
    {
        if (choice.Remedy is { } remedy)
        {
            yield return RemedyTeller.Says(job, choice.From!.Value, remedy).TrimEnd('.');
            if (choice.Targets.Count > 1)
            {
                yield return $"and {choice.Targets.Count - 1} more the same way";
            }

            yield break;
        }

        if (choice.Repair is { } repair)
        {
            yield return Repairs[repair];
            if (choice.Kind is { } into && repair != Repair.ListedSplice)
            {
                yield return Kind(into);
            }

            yield break;
        }

        if (choice.Breaker is { } breaker)
        {
            yield return $"{PartWords.Of(PartsOf.Breaker(breaker))} in slot {breaker.Where} of {names.Of(Thing.Panel(choice.Panel!))}";
            yield break;
        }

        if (choice is { Old: { } old, Device: { } now, From: { } replaced })
        {
            var was = job.Boxes[replaced].Devices[old].Kind;
            yield return was == now
                ? $"{Box(replaced)}: a new {Bare(now)}, connections as found"
                : $"{Box(replaced)}: {Device(now)} in the place of the {Bare(was)}";
            if (choice.Shield == Shield.LoadSide)
            {
                yield return "what goes on from there on its load side";
            }

            yield break;
        }

        if (choice.Make is { } make)
        {
            var with = choice.Device is { } put ? $"{Device(put)}, " : "";
            yield return $"{Box(choice.From)}: {with}{Low(MakeWords.Says(make.Make, Cable(choice)))}";
            yield break;
        }

        if (choice.New is null && choice.Route is null && choice.Kind is { } bigger)
        {
            yield return $"{Box(choice.From)} becomes a {Kind(bigger)}";
            if (choice.Held is HeldBy.Ears or HeldBy.Stud)
            {
                yield return Hold(choice.Held);
            }

            yield break;
        }

        yield return choice.Panel is { } panel ? $"a new breaker in {names.Of(Thing.Panel(panel))}" : $"from {Box(choice.From)}";
        if (choice.Route is { } route)
        {
            yield return Routes[route];
        }

        if (choice.AlongWall is { } wall)
        {
            yield return WayAsides.Along(wall);
        }

        if (Shielded(choice) is { } shield)
        {
            yield return shield;
        }

        if (choice.Kind is { } kind)
        {
            yield return $"in a {Kind(kind)}";
        }

        if (choice.Held is HeldBy.Ears or HeldBy.Stud && choice.Kind is not null)
        {
            yield return Hold(choice.Held);
        }

        if (choice.Room == MakeRoom.JointsAside)
        {
            yield return $"the joints of {Box(choice.From)} moved to a junction box beside it";
        }
        else if (choice.Instead is { } instead)
        {
            yield return instead.Keeps
                ? $"{Box(choice.From)} made roomier: {InsteadWords.Of(instead)}"
                : $"{Box(choice.From)} becomes {InsteadWords.Of(instead)}";
        }
    }

    private static string Hold(HeldBy held) => held == HeldBy.Stud ? "screwed to the stud" : "held by its ears";

    private string? Shielded(WayChoice choice) =>
        choice.Shield switch
        {
            Shield.Here => "a GFCI receptacle there",
            Shield.LoadSide => "behind the GFCI receptacle that is there",
            Shield.AtSource => $"behind a GFCI receptacle put into {Box(choice.From)}",
            _ => null,
        };

    private string Box(Id<Box>? id) => id is { } box ? job.Boxes.Find(box)?.Name ?? "the new outlet" : "";

    /// <summary>A kind of box, with the word where its name has none.</summary>
    private static string Kind(string kind) =>
        BoxKinds.Find(kind)?.Name is not { } name ? kind
        : name.Contains("box", StringComparison.Ordinal) ? name
        : $"{name} box";

    /// <summary>Why a way does not work.</summary>
    public string Why(Rejected rejected) =>
        rejected.Why switch
        {
            WayMiss.Tap => First($"{Named(rejected, "box")}: {Taps[(TapMiss)rejected.Details["tap"]!]}."),
            WayMiss.NotOpened => $"{Named(rejected, "box")} was never opened: open it, and it may be nearest.",
            WayMiss.Over => First($"{Named(rejected, "box")} is {Short(rejected)} in³ short of room."),
            WayMiss.CutStops => new CutWords(job, job.Walls[(string)rejected.Details["wall"]!]).Says((CutNote)rejected.Details["note"]!),
            WayMiss.Brings => $"It brings: {Told(rejected)}",
            WayMiss.Required => $"What is put in now must suit the place: {Told(rejected)}",
            WayMiss.Network => "Something that works now would work worse, by the wiring as recorded.",
            WayMiss.NoSlot => $"{Named(rejected, "panel")} has no free slot.",
            WayMiss.NoPart => First($"{PartWords.Of((PartId)rejected.Details["part"]!)}: neither the van nor the shop has it."),
            WayMiss.Slack => $"{rejected.Details["short"]} short of slack: it wants {rejected.Details["needs"]}, both sides together, "
                + $"and there is {rejected.Details["has"]}.",
            WayMiss.NoDevice => $"{Named(rejected, "box")} holds no device.",
            WayMiss.NoMake => $"The leads of {Named(rejected, "box")} have their places already, or no usual make fits what is in it.",
            WayMiss.Waits => $"Whether anything is to be mended is not known yet: {Told(rejected)}",
            WayMiss.NothingWrong => $"Nothing of the kind is wrong at {Named(rejected, "box")}, as things are known.",
            WayMiss.NoPlace =>
                $"{First(Device((string)rejected.Details["kind"]!))} has no terminal for something that lies on the old one.",
            WayMiss.NotSettled => "The verdict would stand as it does.",
            WayMiss.NotAllowed => rejected.Details["ask"] is true
                ? $"In edition {job.Profile.Edition.ToString()[3..]} the office is asked before leads are made longer so."
                : "Its listing does not let it here.",
            _ => "It cannot be put together so.",
        };

    private static string Short(Rejected rejected) =>
        rejected.Details["left"] is Volume left ? (-left.CubicInches).ToString("0.##", CultureInfo.InvariantCulture) : "some";

    private string Told(Rejected rejected)
    {
        var home = new[] { "box", "circuit", "panel" }.Select(n => rejected.Details[n]).OfType<Thing>().First().Id;
        var told = new Teller(rejected.After ?? job, home).Tell(rejected.By!);
        return told.Article is { Length: > 0 } article ? $"{told.Says} ({article})" : told.Says;
    }

    private string Named(Rejected rejected, string name) =>
        rejected.Details[name] is Thing thing
            ? thing is { Kind: ThingKind.Box } && !job.Boxes.Has(thing.Id)
                ? "the new outlet"
                : names.Of(thing)
            : "";

    public static string Point(WayPoint point, decimal amount) =>
        point switch
        {
            WayPoint.Damage => amount == 0.5m ? "half a hole to make good" : Count(amount, "hole to make good", "holes to make good"),
            WayPoint.Time => Minutes(amount),
            WayPoint.Money => $"${amount.ToString("0", CultureInfo.InvariantCulture)} of parts",
            WayPoint.Outage => $"circuits off {Minutes(amount)}",
            WayPoint.Trips => amount == 0 ? "all in the van" : Count(amount, "walk to the shop", "walks to the shop"),
            _ => amount == 0 ? "nothing to look at first" : Count(amount, "thing to look at first", "things to look at first"),
        };

    public static string Minutes(decimal minutes) =>
        minutes < 90 ? $"{Math.Round(minutes):0} min" : $"{Math.Round(minutes / 30) / 2:0.#} h".Replace(',', '.');

    internal static string Count(decimal amount, string one, string many) =>
        $"{(amount == 0 ? "no" : amount.ToString("0.#", CultureInfo.InvariantCulture))} {(amount == 1 ? one : many)}";

    /// <summary>What separates the first from the second, in one sentence; null where there are not two.</summary>
    public static string? Between(FoundWay? first, FoundWay? second)
    {
        if (first is null || second is null)
        {
            return null;
        }

        if (first.Decided != second.Decided)
        {
            return "The first rests on nothing that is unknown; the next has something to look at first.";
        }

        var (better, worse) = (
            first.Score.Select(s => (s, By: second.Score.First(o => o.Point == s.Point).Worth - s.Worth)).MaxBy(x => x.By),
            first.Score.Select(s => (s, By: s.Worth - second.Score.First(o => o.Point == s.Point).Worth)).MaxBy(x => x.By)
        );
        if (better.By <= 0)
        {
            return "The first two are worth the same to this house.";
        }

        var than = Point(better.s.Point, second.Amount(better.s.Point));
        var but =
            worse.By > 0
                ? $", though it has {Point(worse.s.Point, worse.s.Amount)} against {Point(worse.s.Point, second.Amount(worse.s.Point))}"
                : "";
        return $"The first comes before the next by {Point(better.s.Point, better.s.Amount)} against {than}{but}.";
    }

    private static string Bare(string kind) => DeviceKinds.Find(kind)?.Name ?? kind;

    private static string Device(string kind) => $"a {Bare(kind)}";

    private string Cable(WayChoice choice) =>
        Subjects.CableEnd(choice.Make!.Cable ?? "") is var (run, side)
            ? new ShortNames(job, choice.From!.Value, job.Boxes[choice.From.Value]).Cable(run, side)
            : "";

    private static string Low(string text) => char.ToLowerInvariant(text[0]) + text[1..];

    private static string First(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];
}
