using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Telling.Live;
using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Hunting;

/// <summary>What was looked at and what it showed, in words.</summary>
public static class LookWords
{
    private static readonly Dictionary<SeenCase, string> Cases = new()
    {
        [SeenCase.Works] = "works",
        [SeenCase.Dim] = "dim",
        [SeenCase.TooBright] = "too bright",
        [SeenCase.Flickers] = "flickers",
        [SeenCase.Dead] = "dead",
        [SeenCase.Holds] = "holds",
        [SeenCase.TripsAtOnce] = "trips at once",
        [SeenCase.TripsLater] = "trips after a while",
        [SeenCase.TripsNowAndThen] = "trips now and then",
        [SeenCase.Figure] = "a figure",
        [SeenCase.Something] = "something",
        [SeenCase.Nothing] = "nothing",
        [SeenCase.Opens] = "it opens",
        [SeenCase.NothingOpens] = "nothing opens",
        [SeenCase.Felt] = "a shock or a tingle",
        [SeenCase.NotFelt] = "not felt",
        [SeenCase.Cool] = "cool",
        [SeenCase.Warm] = "warm, or it smells",
        [SeenCase.Sound] = "nothing wrong in sight",
        [SeenCase.Spoilt] = "something wrong in sight",
        [SeenCase.CameOff] = "something came loose",
        [SeenCase.AllHold] = "everything holds",
        [SeenCase.Low] = "under a megohm",
        [SeenCase.High] = "a megohm or more",
        [SeenCase.LampsNone] = "no lamp",
        [SeenCase.LampsHotNeutral] = "hot–neutral lit alone",
        [SeenCase.LampsHotGround] = "hot–ground lit alone",
        [SeenCase.LampsNeutralGround] = "neutral–ground lit alone",
        [SeenCase.LampsBothHot] = "hot–neutral and hot–ground lit, as when correct",
        [SeenCase.LampsReversed] = "hot–neutral and neutral–ground lit",
        [SeenCase.LampsGroundHot] = "hot–ground and neutral–ground lit",
        [SeenCase.LampsAll] = "all three lit",
    };

    /// <summary>What a look can show, as it is said.</summary>
    public static string Of(SeenCase seen) => Cases[seen];

    public static string Of(Sight sight) =>
        sight.Case == SeenCase.Figure ? string.Create(CultureInfo.InvariantCulture, $"{sight.Value:0.0} V") : Cases[sight.Case];

    public static string Observed(Job job, Observed seen)
    {
        ArgumentNullException.ThrowIfNull(seen);
        return $"{Line.Start(Where(job, seen.Look))}: {Shown(seen)}{Lay(job, seen.Setup)}{(seen.Told ? ", as told" : "")}";
    }

    /// <summary>What it showed.</summary>
    public static string Shown(Observed seen)
    {
        ArgumentNullException.ThrowIfNull(seen);
        return seen is { Shows: SeenCase.Figure, Value: { } value }
            ? string.Create(CultureInfo.InvariantCulture, $"{value:0.##} V")
            : Cases[seen.Shows];
    }

    /// <summary>What is looked at: <c>two-pole tester between hot slot and ground slot, Type store</c>.</summary>
    /// <param name="named">Whether its box is named: not where one stands at it.</param>
    public static string Where(Job job, Look look, bool named = true)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(look);
        var box = Places.Of(job, look).FirstOrNull();
        var at = named && box is { } id && job.Boxes.Find(id) is { } found ? $", {found.Name}" : "";
        return look.Kind switch
        {
            LookKind.Outlet => $"{Outlet(job, look.At)}{at}",
            LookKind.Guard => Guard(job, look.At),
            LookKind.OwnButton => $"its own test button, {Guard(job, look.At)}",
            LookKind.Lamps => $"plug-in tester, {Outlet(job, look.At)}{at}",
            LookKind.Instrument when look.Instrument == "plug-in" => $"the button of the plug-in tester, {Outlet(job, look.At)}{at}",
            LookKind.Instrument => $"{InstrumentKinds.Find(look.Instrument)?.Name ?? look.Instrument} {Between(job, look)}{at}",
            LookKind.Insulation => $"insulation tester {Between(job, look)}{at}",
            LookKind.Touch => $"touching {Point(job, look.At)}{at}",
            LookKind.Tug => $"each conductor tugged in {job.Boxes.Find(look.At)?.Name}",
            LookKind.Warmth => $"a hand at {job.Boxes.Find(look.At)?.Name}",
            _ => $"inside {job.Boxes.Find(look.At)?.Name}",
        };
    }

    /// <summary>What live metal would do to a person.</summary>
    public static string Does(Job job, Harm harm)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(harm);
        return $"{Line.Start(Point(job, harm.Point))} in {job.Boxes[harm.Box].Name} would be live at "
            + string.Create(CultureInfo.InvariantCulture, $"{harm.Volts:0} V, {harm.Milliamperes:0} mA through a person.");
    }

    public static string CableEnd(Job job, string end) =>
        Subjects.CableEnd(end) is var (run, side) && job.Runs.Find(run)?.End(side).Box is { } box && job.Boxes.Find(box) is { } found
            ? $"{new Names(job, box).Of(new Terms.Thing(Terms.ThingKind.Cable, end))} in {found.Name}"
            : "a cable";

    /// <summary>A breaker with its panel, or a device with its box.</summary>
    public static string Guard(Job job, string key)
    {
        var guard = GuardKey.Read(key);
        return guard is { } of ? GuardWords.Of(new Names(job, of.In), of) : key;
    }

    /// <summary>How things lay for it, after a comma; nothing where they lay as recorded.</summary>
    public static string Lay(Job job, Setup? setup)
    {
        if (setup is null)
        {
            return "";
        }

        var says = setup
            .Apart.Select(e => $"{CableEnd(job, e)} taken off")
            .Concat(setup.Unplugged ? ["everything unplugged"] : [])
            .Concat(setup.Off.Count > 0 ? ["switched off"] : [])
            .Concat(setup.Swapped.Count > 0 ? ["a sound device in its place"] : [])
            .Concat(setup.Thrown.Select(t => $"{Switch(job, t)} thrown"))
            .Concat(setup.Drawing is null ? [] : ["a heater on behind it"])
            .Concat(
                setup.Wet switch
                {
                    true => ["while it is wet"],
                    false => ["while it is dry"],
                    null => Array.Empty<string>(),
                }
            )
            .ToList();
        return says.Count == 0 ? "" : ", " + string.Join(", ", says);
    }

    /// <summary>A switch by its lever, with its box.</summary>
    private static string Switch(Job job, string lever) =>
        lever.Split('/') is [var box, var device, ..] && job.Boxes.Find(box) is { } found && found.Devices.Has(device)
            ? $"{new Names(job, box).Of(Terms.Thing.Device(device))} in {found.Name}"
            : "a switch";

    private static string Between(Job job, Look look) => $"between {Point(job, look.At)} and {Point(job, look.To ?? Points.Earth)}";

    /// <summary>A half of a receptacle, or what hangs there: <c>lower half of the duplex receptacle</c>.</summary>
    private static string Outlet(Job job, string hot) =>
        Found(job, hot) is ({ } names, { Kind: Terms.ThingKind.Slot, In: { } device } slot)
            ? (slot.Id == "hot" ? "the " : $"{slot.Id[..^"hot".Length]} half of the ")
                + names.Of(new Terms.Thing(Terms.ThingKind.Device, device))
        : Found(job, hot) is ({ } own, { Kind: Terms.ThingKind.Terminal, In: { } of })
            ? $"the {own.Of(new Terms.Thing(Terms.ThingKind.Device, of))}"
        : Found(job, hot) is ({ } lamp, { Kind: Terms.ThingKind.Lead } lead) && Drawing(job, hot, lead.Id) is { } drawing
            ? $"the {lamp.Of(new Terms.Thing(Terms.ThingKind.Device, drawing.Text))}"
        : $"what hangs on {Point(job, hot)}";

    /// <summary>The device whose own lead it is; null for a lead of a cable.</summary>
    private static Id<Device>? Drawing(Job job, string point, string lead) =>
        Places.Of(job, new Look(LookKind.Touch, point)).Select(b => job.Boxes[b].Leads.Find(lead)?.Device).FirstOrDefault();

    internal static string Point(Job job, string point) =>
        Found(job, point) is ({ } names, var thing) ? names.Of(thing, "of")
        : point == Points.Earth ? "the earth"
        : job.Panels.Ids.FirstOrDefault(p => Points.GroundBar(p) == point) is { } panel
            ? new Names(job).Of(new Terms.Thing(Terms.ThingKind.IndependentGround, panel))
        : "a point";

    /// <summary>What a point of the network is a point of, and who names it.</summary>
    private static (Names? Names, Terms.Thing Thing) Found(Job job, string point)
    {
        foreach (var id in Places.Of(job, new Look(LookKind.Touch, point)))
        {
            foreach (var (at, thing) in ProbePoints.Of(job, id, job.Boxes[id]))
            {
                if (at == point)
                {
                    return (new Names(job, id), thing);
                }
            }
        }

        return default;
    }
}
