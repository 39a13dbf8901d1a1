using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Spot;

/// <summary>Where a box is that mistakes are planted in: rooms ask different things of one and the same wiring.</summary>
public enum Site
{
    Outdoors,
    Damp,
    Bathroom,
    Kitchen,
    Bedroom,
    Closet,
    FireWall,
    Armoured,
    OldWork,
}

/// <summary>Puts a box of a house into a place, with the cable, the box and the breaker such a place has.</summary>
internal static class Sites
{
    private const string Place = "site";

    /// <summary>A place the box is something for.</summary>
    public static Job Some(Job job, Id<Box> id, Random random)
    {
        var sites = Enum.GetValues<Site>();
        random.Shuffle(sites);
        return sites.Select(s => Put(s, job, id)).FirstOrDefault(j => !ReferenceEquals(j, job)) ?? job;
    }

    /// <summary>The place, with what is asked there answered as all is well; the same job where the box is nothing for the place.</summary>
    public static Job Put(Site site, Job job, Id<Box> id)
    {
        var box = job.Boxes[id];
        return site switch
        {
            Site.Outdoors when box.Gangs is 1 or 2 && Receptacles(box) => Outdoors(job, id, box),
            Site.Damp when box.Gangs < 2 => Room(
                    Cables(job, box, CableType.UfB, GroundKind.Bare),
                    id,
                    "Cellar",
                    RoomUse.Basement,
                    Wetness.Damp
                )
                .Do(Note(id, BoxFacts.BoxWetListed, "yes"))
                .Do([
                    .. Each(box, "receptacle", DeviceFacts.Weather, "yes", id),
                    .. Each(box, "receptacle", DeviceFacts.WetCover, "in-use", id),
                ]),
            Site.Bathroom => Room(job, id, "Wash room", RoomUse.Bathroom, Wetness.Dry)
                .Do([Note(id, WallFacts.InTubSpace, "no"), Note(id, WallFacts.BathZone, "no"), Note(id, WallFacts.OverTub, "no")]),
            Site.Kitchen when Receptacles(box) => Room(job, id, "Galley kitchen", RoomUse.Kitchen, Wetness.Dry)
                .Do([
                    Note(id, WallFacts.NearWater, "yes"),
                    Note(id, WallFacts.Countertop, "yes"),
                    Note(id, WallFacts.CounterNext, "40"),
                    Note(id, WallFacts.CounterEdge, "20"),
                ]),
            Site.Bedroom when Lamps(box) => Room(job, id, "Small bedroom", RoomUse.Bedroom, Wetness.Dry)
                .Do(Note(id, BoxFacts.FanListed, "no")),
            Site.Bedroom when Receptacles(box) => Room(job, id, "Small bedroom", RoomUse.Bedroom, Wetness.Dry),
            Site.Closet when Lamps(box) => Room(job, id, "Type store closet", RoomUse.Closet, Wetness.Dry)
                .Do([.. Each(box, "luminaire", DeviceFacts.Luminaire, Choice.Text(LuminaireSort.SurfaceClosed), id)]),
            Site.FireWall => job.Do([
                new PutWall(Place, new Wall("The wall to the bindery") { FireRating = 1 }),
                new SetBoxWall(id, Place),
                Note(id, WallFacts.Opposite, "30"),
                Note(id, WallFacts.FireProtected, "no"),
            ]),
            Site.Armoured => Armoured(job, id, box),
            Site.OldWork when OldWork(box) is { } kind => job.Do(new SetBoxKind(id, kind.Id)),
            _ => job,
        };
    }

    private static bool Receptacles(Box box) => box.Devices.Values.Any(d => d.Kind is "receptacle" or "protective");

    private static bool Lamps(Box box) => box.Devices.Values.Any(d => d.Kind == "luminaire");

    private static BoxKind? OldWork(Box box) =>
        BoxKinds
            .All.Where(k => k.OldWork && !k.Fan && k.Shape == box.Shape && k.Gangs == box.Gangs && k.Volume >= box.Mark.OrNull)
            .MinBy(k => k.Volume);

    /// <summary>A cast box in the weather on the wall, cable for wet places out of the ground, the breaker protecting.</summary>
    private static Job Outdoors(Job job, Id<Box> id, Box box)
    {
        job = Room(Cables(job, box, CableType.UfB, GroundKind.Bare), id, "Ferry porch", RoomUse.Outdoors, Wetness.Wet)
            .Do(
                new SetBoxKind(id, $"fd-{box.Gangs}"),
                Note(id, BoxFacts.CarriedBy, Choice.Text(Stub.Wall)),
                Note(id, WallFacts.Height, "24")
            )
            .Do([
                .. Each(box, "receptacle", DeviceFacts.Weather, "yes", id),
                .. Each(box, "receptacle", DeviceFacts.WetCover, "in-use", id),
            ]);
        return job.Do([
            .. Plot.CablesOf(box)
                .SelectMany(c =>
                    new[]
                    {
                        Note(id, c, CableFacts.Buried, "26"),
                        Note(id, c, CableFacts.Over, Choice.Text(BuriedUnder.Soil)),
                        Note(id, c, CableFacts.Riser, "yes"),
                    }
                ),
        ]);
    }

    private static Job Armoured(Job job, Id<Box> id, Box box) =>
        Cables(job, box, CableType.Ac, GroundKind.Bare)
            .Do([
                .. job.Boxes[id]
                    .Entries.Where(e => e.Value.State == EntryState.Used)
                    .Select(e => new SetEntry(id, e.Key, Holding: Holding.InternalClamp)),
            ]);

    /// <summary>Another room, and breakers that protect from both shock and arcs, so that what it asks is met.</summary>
    private static Job Room(Job job, Id<Box> id, string name, RoomUse use, Wetness wet)
    {
        var panel = job.Panels["p"];
        return job.Do(
            new PutPlace(Place, new Place(name, wet, Choice.Text(use))),
            new PlaceBox(id, Place),
            new PutPanel("p", panel with { Breakers = [.. panel.Breakers.Select(b => b with { Kind = BreakerKind.DualFunction })] })
        );
    }

    private static Job Cables(Job job, Box box, CableType type, GroundKind ground) =>
        job.Do([.. box.Leads.Values.Select(l => l.Run).OfType<Id<Run>>().Distinct().Select(r => new SetRun(r, type, Ground: ground))]);

    private static IEnumerable<Edit> Each(Box box, string kind, FactKey fact, string value, Id<Box> id) =>
        box.Devices.Where(d => d.Value.Kind == kind).Select(d => Note(id, d.Key.Text, fact, value));

    private static NoteFact Note(Id<Box> box, FactKey fact, string value) => Note(box, Subjects.Box, fact, value);

    private static NoteFact Note(Id<Box> box, string of, FactKey fact, string value) => new(box, of, fact.Id, new(Known.Measured, value));
}
