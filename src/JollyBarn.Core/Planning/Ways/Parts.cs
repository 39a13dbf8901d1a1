using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>So many of a part.</summary>
/// <param name="Count">Pieces; feet of cable and wire.</param>
/// <param name="Reused">Of those the plan uses, so many more come off in the work and go on again.</param>
public sealed record PartNeed(PartId Part, decimal Count, decimal Reused = 0);

/// <summary>What a plan uses: everything of the state after that was not there before, and what goes with it.</summary>
/// <remarks><em>Practice</em>: a fifth more connectors, two at least; a staple every 4½ ft and one at each box (334.30) where cable is not
/// fished; two steel plates where studs are bored (300.4); tape where the house puts it round terminals, and where a wire is marked again
/// (200.7(C)); a connector in every knockout of a metal box; a plug in every hole a cable left (110.12(A)); a plate, with its screws, over
/// every new opening; screws with an extension; a label where protection stands for a ground (406.4(D)). What comes off and is sound goes
/// on again where the house says so: twist-ons by its practice, levers always.</remarks>
public static class PartsOf
{
    /// <param name="edits">What leads from the one to the other.</param>
    public static IReadOnlyList<PartNeed> Between(Job before, Job after, WayChoice choice, IEnumerable<Edit> edits)
    {
        var (needs, put) = (new Dictionary<PartId, decimal>(), PutIn.By(edits));
        var touched = Touched
            .Boxes(before, after)
            .Where(after.Boxes.Has)
            .Select(id => (Id: id, Was: before.Boxes.Find(id), Is: after.Boxes[id]))
            .ToList();
        foreach (var (id, was, box) in touched)
        {
            OfBox(needs, was, box);
            // One like the old: it is new all the same.
            foreach (
                var device in box.Devices.Where(d => was?.Devices.Find(d.Key)?.Kind == d.Value.Kind && put.IsNew(id, was, d.Key, d.Value))
            )
            {
                Add(needs, new(PartSort.Device, device.Value.Kind), 1);
            }
        }

        var made = MadeJoints.Of([.. touched.Select(b => (b.Was, b.Is))], after.Practice);
        foreach (var (kind, count) in made.New)
        {
            Add(needs, new(PartSort.Connector, kind), count);
        }

        if (touched.Exists(b => Taped(put, b.Id, b.Was, b.Is, after.Practice)))
        {
            Add(needs, new(PartSort.Tape, "electrical"), 1);
        }

        if (choice is { Route: WayRoute.Inside, Kind: { } into } && BoxKinds.Find(into) is { OldWork: false, Mounted: not Mounted.Surface })
        {
            Add(needs, new(PartSort.NailPlate, "steel"), 2);
        }

        foreach (var connector in needs.Where(n => n.Key.Sort == PartSort.Connector && n.Value > 0).Select(n => n.Key).ToList())
        {
            needs[connector] += Math.Max(2, Math.Ceiling(needs[connector] / 5));
        }

        var staple = LimitTable.For(after.Profile).Inches("cable.spacing");
        foreach (var cut in Cuts.Between(before, after))
        {
            Add(needs, cut.Part, cut.Feet);
            if (cut is { Tail: null, Part.Sort: PartSort.Cable } && choice.Route is null or WayRoute.UnderFloor or WayRoute.Outside)
            {
                Add(needs, new(PartSort.Staple, "cable"), Math.Ceiling(cut.Length.InInches / staple.InInches) + 1);
            }
        }

        foreach (var breaker in Breakers(after).Where(b => !Breakers(before).Contains(b)))
        {
            Add(needs, Breaker(new(breaker.Slot, breaker.Poles, breaker.Amperes, breaker.Kind)), 1);
        }

        return
        [
            .. needs
                .Where(n => n.Value > 0)
                .OrderBy(n => n.Key.Sort)
                .ThenBy(n => n.Key.Kind, StringComparer.Ordinal)
                .Select(n => new PartNeed(n.Key, n.Value)),
            .. made
                .Reused.OrderBy(r => r.Key, StringComparer.Ordinal)
                .Select(r => new PartNeed(new(PartSort.Connector, r.Key), 0, r.Value)),
        ];
    }

    /// <summary>True where tape is used: round the terminals of a device, or to mark a white or green wire as another.</summary>
    private static bool Taped(PutIn put, Id<Box> id, Box? was, Box box, HousePractice house) =>
        (
            house.Says(PracticeBook.Tape, "metal")
            && box.Material == BoxMaterial.Metal
            && box.Devices.Any(d => d.Value.Gang > 0 && put.IsNew(id, was, d.Key, d.Value))
        ) || box.Leads.Any(l => l.Value.MarkedAs is { } mark && was?.Leads.Find(l.Key)?.MarkedAs != mark);

    /// <summary>A breaker by kind, poles and rating.</summary>
    public static PartId Breaker(Breaker breaker)
    {
        ArgumentNullException.ThrowIfNull(breaker);
        return new(PartSort.Breaker, $"{breaker.Kind.ToString().ToLowerInvariant()}-{breaker.Poles}p-{breaker.Amperes:0}");
    }

    /// <summary>What an assembly is made of that is not there yet.</summary>
    public static IEnumerable<PartId> Of(InsteadOption option)
    {
        if (option is { Keeps: false, Box: { } box })
        {
            yield return new(PartSort.Box, box);
        }

        foreach (var fitting in new[] { option.Ring, option.Extension }.OfType<string>())
        {
            yield return new(PartSort.Fitting, fitting);
        }
    }

    private static List<(BreakerKind Kind, int Poles, decimal? Amperes, int Slot)> Breakers(Job job) =>
        [.. job.Panels.Values.SelectMany(p => p.Breakers).Select(b => (b.Kind, b.Poles, b.Amperes, b.Slot))];

    private static void OfBox(Dictionary<PartId, decimal> needs, Box? was, Box box)
    {
        if (was?.Kind != box.Kind && box.Kind is not (BoxKinds.NoBox or BoxKinds.Unlisted))
        {
            Add(needs, new(PartSort.Box, box.Kind), 1);
        }

        More(needs, PartSort.Fitting, box.Parts.Values.Select(p => p.Kind), was?.Parts.Values.Select(p => p.Kind));
        More(needs, PartSort.Device, box.Devices.Values.Select(d => d.Kind), was?.Devices.Values.Select(d => d.Kind));
        var extensions = box.Parts.Count(p => was?.Parts.Has(p.Key) != true && PartKinds.Find(p.Value.Kind)?.Role == PartRole.Extension);
        Add(needs, new(PartSort.Screw, "extension-8-32"), 2 * extensions);
        var yokes = box.Devices.Values.Count(d => d.Gang > 0);
        if (yokes > 0 && (was is null || was.Devices.Values.Count(d => d.Gang > 0) != yokes))
        {
            Add(needs, new(PartSort.Plate, box.Shape == BoxShape.Weatherproof ? $"wet-{yokes}g" : $"{yokes}g"), 1);
        }

        var outside = Held(box) - (was is null ? 0 : Held(was));
        Add(needs, new(PartSort.Clamp, "cable"), Math.Max(0, outside));
        Add(needs, new(PartSort.Plug, "knockout"), was is null ? 0 : More(was, box, EntryState.Open) + More(was, box, EntryState.Plugged));
        var screws = Screws(box) - (was is null ? 0 : Screws(was));
        Add(needs, new(PartSort.Screw, "ground-10-32"), Math.Max(0, screws));
        Add(needs, new(PartSort.Label, "gfci-no-ground"), Math.Max(0, Labels(box) - (was is null ? 0 : Labels(was))));
    }

    private static int More(Box was, Box box, EntryState state) =>
        Math.Max(0, box.Entries.Values.Count(e => e.State == state) - was.Entries.Values.Count(e => e.State == state));

    private static int Held(Box box) => box.Entries.Values.Count(e => e.Holding == Holding.OutsideConnector);

    private static int Screws(Box box) =>
        box.Leads.Values.Count(l => l.Lands.At == LandingAt.BondingScrew)
        + box.Pigtails.Values.Count(p => p.From.At == LandingAt.BondingScrew || p.To.At == LandingAt.BondingScrew);

    /// <summary>Protective receptacles in a box no ground comes to.</summary>
    private static int Labels(Box box) =>
        box.Leads.Values.Any(l => l.IsGround) ? 0 : box.Devices.Values.Count(d => DeviceKinds.Find(d.Kind)?.Protects == true);

    /// <summary>Kinds there are more of than before, counted first: two alike are two.</summary>
    private static void More(Dictionary<PartId, decimal> needs, PartSort sort, IEnumerable<string> now, IEnumerable<string>? was)
    {
        var had = (was ?? []).CountBy(k => k).ToDictionary(StringComparer.Ordinal);
        foreach (var (kind, count) in now.CountBy(k => k))
        {
            Add(needs, new(sort, kind), Math.Max(0, count - had.GetValueOrDefault(kind)));
        }
    }

    private static void Add(Dictionary<PartId, decimal> needs, PartId part, decimal count) =>
        needs[part] = needs.GetValueOrDefault(part) + count;
}
