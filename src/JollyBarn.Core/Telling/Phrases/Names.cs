using System.Collections.Frozen;
using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>What the things of a job are called, wherever a sentence names one.</summary>
/// <param name="home">The box, panel or circuit that is spoken of: things without a place are its own.</param>
public sealed class Names(Job job, string? home = null)
{
    /// <summary>First words of what tells where a cable comes from or goes.</summary>
    private static readonly FrozenSet<string> Ways =
    [
        .. "from to on down up toward towards in out at by off along over under through into behind for across past back".Split(' '),
    ];

    /// <summary>What a thing is called.</summary>
    /// <param name="how">A way to say it: <c>slot</c> for a breaker's slot alone, <c>short</c> for its slot and words, <c>tail</c> for a
    /// name after a comma or nothing, <c>of</c> for a terminal with its device.</param>
    public string Of(Thing thing, string? how = null) =>
        thing.Kind switch
        {
            ThingKind.Lead => Lead(BoxOf(thing), thing.Id),
            ThingKind.Cable => Cable(End(thing.Id, false)),
            ThingKind.Run => Run(thing.Id),
            ThingKind.RunHere => Cable(
                job.Runs.Find(thing.Id) is { } run ? Ends(run).FirstOrDefault(e => e.IsIn(home ?? "") && e.Says is not null) : null
            ),
            ThingKind.BoxKind => BoxKinds.Find(thing.Id)?.Name ?? thing.Id,
            ThingKind.PartKind => PartKinds.Find(thing.Id)?.Name ?? thing.Id,
            ThingKind.Joint => BoxOf(thing) is { } box ? Joint(box, thing.Id, how) : "a joint",
            ThingKind.Device => Device(thing),
            ThingKind.Place => Place(thing),
            ThingKind.Terminal => Terminal(thing, how),
            ThingKind.Slot => Slot(thing),
            ThingKind.Metal => "the metal box",
            ThingKind.Plate => "the metal plate",
            ThingKind.FarMetal => $"the metal of {End(thing.Id, false)?.Says}",
            ThingKind.IndependentGround => $"an independent ground, of {job.Panels.Find(thing.Id)?.Name}",
            ThingKind.Earth => "the earth",
            ThingKind.Source => job.Sources.Find(thing.Id)?.Name ?? "Supply",
            ThingKind.Load => Load(thing),
            ThingKind.Box => job.Boxes.Find(thing.Id)?.Name ?? thing.Id,
            ThingKind.Circuit => job.Circuits.Find(thing.Id)?.Name ?? thing.Id,
            ThingKind.Panel => job.Panels.Find(thing.Id)?.Name ?? thing.Id,
            ThingKind.Breaker => Breaker(thing, how),
            _ => ConnectorKinds.Find(thing.Id)?.Name ?? thing.Id,
        };

    /// <summary>A conductor of a box: <c>black of the cable from the pantry</c>, <c>white pigtail</c>.</summary>
    public string Lead(Box? box, Id<Lead> id) =>
        box?.Pigtails.Find(id) is { } tail ? Piece(box, id, tail)
        : box?.Leads.Find(id) is { } lead ? Lead(box, lead)
        : "a lead";

    private string Piece(Box box, Id<Lead> id, Pigtail tail) =>
        Onward.LeadOf(box, tail) is { } lead ? $"{Lead(box, box.Leads[lead])}, where it goes on" : InsideNames.Pigtail(box, id);

    public string Lead(Box box, Lead lead) =>
        lead.Device is { } device && box.Devices.Find(device) is { } found
            ? $"{lead.Colour} of the {Device(found)}"
            : $"{lead.Colour} of {Cable(job.Runs.Find(lead.Run)?.End(lead.Side))}";

    /// <summary>A cable by where it goes at one of its ends: <c>the cable from the pantry</c>; where its words tell no way, <c>the cable
    /// called kitchen</c>.</summary>
    public static string Cable(RunEnd? end) =>
        end?.Says is not { } says ? "a cable"
        : Ways.Contains(says.Split(' ')[0].ToLowerInvariant()) ? $"the cable {says}"
        : $"the cable called {says}";

    public static string Device(Device device) => device.Name ?? DeviceKind(device.Kind);

    /// <summary>A kind of device by its id.</summary>
    public static string DeviceKind(string kind) => DeviceKinds.Find(kind)?.Name ?? kind;

    /// <summary>A device of a box.</summary>
    public static string DeviceIn(Box box, Id<Device>? id) => box.Devices.Find(id) is { } device ? Device(device) : "device";

    /// <summary>A joint: <c>joint hots</c>, or by its colours; after a comma or nothing where <paramref name="how"/> is
    /// <c>tail</c>.</summary>
    public static string Joint(Box box, Id<Joint> id, string? how = null) =>
        how == "tail" ? (box.Joints.Find(id)?.Name is { } tail ? $", {tail}" : "") : $"joint {InsideNames.Joint(box, id)}";

    /// <summary>Where an end lies, in the box spoken of.</summary>
    public string Of(Landing landing) => home is not null && job.Boxes.Find(home) is { } box ? Of(box, landing) : "nobody knows where";

    /// <summary>Where an end of a box lies: <c>joint hots</c>, <c>line hot of the protective receptacle</c>.</summary>
    public static string Of(Box box, Landing landing) =>
        landing.At switch
        {
            LandingAt.Joint => Joint(box, landing.Joint ?? ""),
            LandingAt.Terminal when box.Devices.Find(landing.Device) is { } device =>
                $"{Terminal(device, landing.Terminal) ?? landing.Place} of the {Device(device)}",
            LandingAt.Terminal => $"{landing.Place} of the device",
            LandingAt.BondingScrew => $"the {Grounding(landing)}",
            LandingAt.Cap => "a cap",
            LandingAt.Loose => "loose",
            _ => "nobody knows where",
        };

    /// <summary>A grounding screw or clip of a box: <c>bonding screw</c>, <c>bonding screw 2</c>, <c>ground clip</c>.</summary>
    public static string Grounding(Landing landing)
    {
        var number = GroundingPlaces.Number(landing.Place);
        return (GroundingPlaces.IsClip(landing.Place) ? "ground clip" : "bonding screw") + (number > 1 ? $" {number}" : "");
    }

    /// <summary>The same with the mechanical spot, where there are several to a terminal.</summary>
    public static string Spot(Box box, Landing landing) =>
        DeviceKinds.Spot(box.Devices.Find(landing.Device)?.Kind, landing.Place) is var (_, place)
            ? $"{Of(box, landing)}, {place.Name}"
            : Of(box, landing);

    /// <summary>A breaker: <c>breaker 7, lights up</c>; only its slot when that is asked.</summary>
    public static string Breaker(Breaker breaker, string? how = null) =>
        how == "slot" ? breaker.Where
        : how == "short" ? $"{breaker.Where}{(breaker.Says is { } written ? $" {written}" : "")}"
        : $"breaker {breaker.Where}{(breaker.Says is { } says ? $", {says}" : "")}";

    /// <summary>A cable wherever it is: <c>the cable from the pantry</c> in the box spoken of, else <c>the cable from the pantry
    /// (Bench)</c>.</summary>
    public string Run(Id<Run> id)
    {
        RunEnd[] named = job.Runs.Find(id) is { } run ? [.. Ends(run).Where(e => e is { At: EndAt.Box, Says: not null })] : [];
        return named.FirstOrDefault(e => home is not null && e.IsIn(home)) is { } here ? Cable(here)
            : named is [var near, ..] && job.Boxes.Find(near.Box) is { } box ? $"{Cable(near)} ({box.Name})"
            : "a cable";
    }

    private static string? Terminal(Device device, string? terminal) =>
        DeviceKinds.Find(device.Kind)?.Terminals.FirstOrDefault(t => t.Id == terminal)?.Name;

    private static RunEnd[] Ends(Run run) => [run.A, run.B];

    /// <summary>The end of a cable that a subject names, or the other end of it.</summary>
    private RunEnd? End(string subject, bool far) =>
        Subjects.CableEnd(subject) is var (run, side) ? job.Runs.Find(run)?.End(far == (side == RunSide.A) ? RunSide.B : RunSide.A) : null;

    private string Device(Thing thing)
    {
        var name = BoxOf(thing) is { } box ? DeviceIn(box, thing.Id) : "device";
        return thing.In is null ? name : $"{name} of {BoxOf(thing)?.Name}";
    }

    private string Place(Thing thing)
    {
        var device = Here(thing);
        return device is not null && DeviceKinds.Spot(device.Kind, thing.Id) is var (terminal, place)
            ? $"{terminal.Name} of the {Device(device)}, {place.Name}"
            : thing.Id;
    }

    private string Terminal(Thing thing, string? how)
    {
        var device = Here(thing);
        var name = (device is null ? null : Terminal(device, thing.Id)) ?? thing.Id;
        return how == "of" && device is not null ? $"{name} of the {Device(device)}" : name;
    }

    /// <summary>What a plug meets: <c>hot slot, upper of the duplex receptacle</c>.</summary>
    private string Slot(Thing thing)
    {
        var half = new[] { "upper", "lower" }.FirstOrDefault(h => thing.Id.StartsWith(h, StringComparison.Ordinal));
        var slot = half is null ? $"{thing.Id} slot" : $"{thing.Id[half.Length..]} slot, {half}";
        return $"{slot} of the {(Here(thing) is { } device ? Device(device) : "device")}";
    }

    private string Load(Thing thing)
    {
        if (BoxOf(thing) is not { } box || thing.In is null)
        {
            return "what is fed straight from the panel";
        }

        return $"{End(thing.Id, true)?.Says ?? "what hangs there"}, from {box.Name}";
    }

    private string Breaker(Thing thing, string? how) =>
        job.Panels.Find(thing.In ?? home)?.Breakers.FirstOrDefault(b => b.Key == thing.Id) is { } breaker
            ? Breaker(breaker, how)
            : thing.Id;

    /// <summary>The device of the box spoken of that a place or terminal is on.</summary>
    private Device? Here(Thing thing) => home is null ? null : job.Boxes.Find(home)?.Devices.Find((Id<Device>?)thing.In);

    private Box? BoxOf(Thing thing) => (thing.In ?? home) is { } box ? job.Boxes.Find(box) : null;
}
