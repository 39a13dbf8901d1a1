using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Making;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Spot;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Asked;

/// <summary>A wire of a box whose colour is asked about.</summary>
/// <param name="Job">The house with the wire in the first colour it may not have.</param>
/// <param name="Shown">What the rules say of that.</param>
/// <param name="May">True where one is asked that it may have; false for the one it may not.</param>
public sealed record AskedColour(Job Job, Id<Box> Box, Id<Lead> Lead, ConductorUse Use, Finding Shown, bool May);

/// <summary>A box that is to be made up, and some of its steps.</summary>
/// <param name="Steps">By the numbers the options name; they stand in the order they are done in.</param>
public sealed record AskedOrder(Job Job, Id<Box> Box, IReadOnlyList<CardStep> Steps);

/// <summary>Questions of making up: what is stripped, what colour a wire may have, what comes first. The card of the box, the rules and the
/// house's practice answer.</summary>
public static class MakeItems
{
    private const int Options = 4;

    private static readonly string[] Colours = ["black", "red", "blue", "white", "grey", "green", "bare"];

    private static readonly ConductorUse[] Uses = [ConductorUse.Hot, ConductorUse.Neutral, ConductorUse.Ground];

    /// <summary>Steps that have their place whatever the box.</summary>
    private static readonly HashSet<StepCase> Placed =
    [
        StepCase.Off,
        StepCase.Joint,
        StepCase.FoldBack,
        StepCase.Terminal,
        StepCase.Fix,
        StepCase.PlateOn,
        StepCase.PowerOn,
        StepCase.Readings,
    ];

    /// <param name="only">What it is to ask; null where any may be.</param>
    public static AskedItem Make(int seed, int level, Edition edition, AskedKind? only = null)
    {
        var random = new Random(Seeds.Mixed(seed, level, 900 + (int)edition));
        (AskedKind Kind, Func<AskedItem?> Make)[] kinds =
        [
            (AskedKind.Strip, () => Strip(random)),
            (AskedKind.Colour, () => Colour(random, edition)),
            (AskedKind.FirstStep, () => First(random, edition, level)),
        ];
        var fit = kinds.Where(k => only is null || k.Kind == only).ToList();
        while (true)
        {
            if (fit[random.Next(fit.Count)].Make() is { } made)
            {
                return made with { Seed = seed, Level = level, Edition = edition };
            }
        }
    }

    /// <summary>How much is stripped for a connector, a hook or a hole.</summary>
    private static AskedItem Strip(Random random)
    {
        var house = HousePractice.Default;
        (string Of, decimal Inches)[] places =
        [
            .. ConnectorKinds
                .All.Where(k => k.Style is ConnectorStyle.TwistOn or ConnectorStyle.Lever or ConnectorStyle.Crimp)
                .GroupBy(k => k.Style)
                .Select(g => g.ElementAt(random.Next(g.Count())))
                .Select(k => (k.Id, MakeBook.On(k.Style).Strip.InInches)),
            (WayBook.StripHook.Key, WayBook.StripHook.Of(house)),
            (WayBook.StripPort.Key, WayBook.StripPort.Of(house)),
        ];
        var (of, right) = places[random.Next(places.Length)];
        return AskedItems.Chosen(
            AskedKind.Strip,
            of,
            AskedItems.Text(right),
            [.. places.Select(p => p.Inches).Concat([0.25m, 0.375m, 1, 1.5m]).Distinct().Select(AskedItems.Text)],
            random
        );
    }

    /// <summary>One colour a pigtail may have among some it may not, or the other way round: each is tried, and the rules say.</summary>
    private static AskedItem? Colour(Random random, Edition edition)
    {
        // Grounds are on every device: each use is asked as often as another.
        var use = Uses[random.Next(Uses.Length)];
        var house = SpotDrill.House(random, edition);
        var all = house
            .Boxes.SelectMany(b =>
                b.Value.Pigtails.Where(t => t.Value is { Of: null, To.At: LandingAt.Terminal } && t.Value.Use == use)
                    .Select(t => (Box: b.Key, t.Key, Tail: t.Value))
            )
            .ToList();
        if (all.Count == 0)
        {
            return null;
        }

        var (box, lead, tail) = all[random.Next(all.Count)];
        var colours = Colours
            .Where(c => c != "bare" || tail.Use == ConductorUse.Ground)
            .Select(c => (Colour: c, Bad: Tried(house, box, lead, tail, c)))
            .ToArray();
        random.Shuffle(colours);
        var (may, not) = (colours.Where(c => c.Bad is null).ToList(), colours.Where(c => c.Bad is not null).ToList());
        var asksMay = not.Count >= Options - 1 && (may.Count < Options - 1 || random.Next(2) == 0);
        var (one, others) = asksMay ? (may, not) : (not, may);
        return not.Count == 0 || not[0].Bad is not { } bad || one.Count == 0 || others.Count < Options - 1
            ? null
            : AskedItems.Chosen(AskedKind.Colour, tail.Use.ToString(), one[0].Colour, [.. others.Select(o => o.Colour)], random) with
            {
                Coloured = new(bad.Job, box, lead, tail.Use, bad.Finding, asksMay),
            };
    }

    /// <summary>The house with the wire in a colour and what the rules say against it; null where they say nothing.</summary>
    private static (Job Job, Finding Finding)? Tried(Job house, Id<Box> id, Id<Lead> lead, Pigtail tail, string colour)
    {
        var edit = new SetPigtail(id, lead, colour, tail.Length, tail.Gauge, tail.Use);
        if (edit.Check(house) is not null)
        {
            return null;
        }

        var tried = edit.Apply(house);
        return
            Inspector
                .JudgeAll(tried, id, tried.Boxes[id])
                .FirstOrDefault(f => f.Verdict is Verdict.Stop or Verdict.Fix && (f.Of == lead.Text || f.Ids.Contains(lead.Text)))
                is { } found
            ? (tried, found)
            : null;
    }

    /// <summary>Which of some steps of a card comes first.</summary>
    private static AskedItem? First(Random random, Edition edition, int level)
    {
        var house = SpotDrill.House(random, edition);
        var boxes = house.Boxes.Where(b => b.Value.Devices.Count > 0).Select(b => b.Key).ToList();
        var box = boxes[random.Next(boxes.Count)];
        var apart = MakeDrill.Apart(house, box);
        // Power off is first of all: who knows more is not asked it.
        var steps = MakeUpCard
            .All(new Doing(apart, apart, house, []), box, "", "2026-01-01T00:00:00Z")
            .Where(s => Placed.Contains(s.Case) && (level < 3 || s.Stage != StepStage.Dead))
            .ToList();
        // Of ends on one device, of devices and of joints alike, the order is the hand's own.
        var once = steps.DistinctBy(s => (s.Case, s.Case == StepCase.Joint ? Kind(house.Boxes[box], s) : null)).ToList();
        var drawn = Enumerable.Range(0, once.Count).ToArray();
        random.Shuffle(drawn);
        if (drawn.Length < Options)
        {
            return null;
        }

        int[] chosen = [.. drawn.Take(Options).Order()];
        var options = Enumerable.Range(0, Options).Select(n => n.ToString(CultureInfo.InvariantCulture)).ToArray();
        random.Shuffle(options);
        return new(0, 0, default, AskedKind.FirstStep, "", options, Array.IndexOf(options, "0"))
        {
            Order = new(house, box, [.. chosen.Select(c => once[c])]),
        };
    }

    /// <summary>What a joint carries: ground, neutral, or what is hot somehow.</summary>
    private static ConductorUse? Kind(Box box, CardStep step) =>
        step.Leads.Select(l => box.Leads.Find(l)?.Use ?? box.Pigtails.Find(l)?.Use).FirstOrDefault() switch
        {
            (ConductorUse.Ground or ConductorUse.Neutral) and var use => use,
            _ => ConductorUse.Hot,
        };
}
