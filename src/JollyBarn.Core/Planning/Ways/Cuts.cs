using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>A piece to cut.</summary>
/// <param name="Run">The run it is; null for a pigtail.</param>
/// <param name="Tail">The pigtail it is, in its box; null for a run.</param>
/// <param name="Part">From what it is cut.</param>
/// <param name="Length">How long it is cut, with its ends, its waste and what is added for a guess.</param>
/// <param name="Way">The way between the boxes.</param>
/// <param name="Ends">What its leads and sheath take at both ends.</param>
/// <param name="Added">What is added because the way is guessed; zero where it was measured.</param>
/// <param name="Rise">What a guessed way is longer by because its ends are not at one height.</param>
public sealed record Cut(
    Id<Run>? Run,
    (Id<Box> Box, Id<Lead> Id)? Tail,
    PartId Part,
    Length Length,
    Length Way,
    Length Ends,
    Length Added,
    bool Measured,
    Length Rise = default
)
{
    /// <summary>How much of a pigtail is stripped at either end.</summary>
    public IReadOnlyList<Length> Strips { get; init; } = [];

    public decimal Feet => Length.InInches / 12;
}

/// <summary>What a plan cuts: cables with their way, their ends and waste, and pigtails.</summary>
public static class Cuts
{
    public static IReadOnlyList<Cut> Between(Job before, Job after) =>
        [
            .. after.Runs.Where(r => New(before, after, r.Key)).SelectMany(r => Pieces(before, after, r.Key, r.Value)),
            .. after
                .Boxes.Where(b => !ReferenceEquals(before.Boxes.Find(b.Key), b.Value))
                .SelectMany(b =>
                    b.Value.Pigtails.Where(p => p.Value.Of is null && before.Boxes.Find(b.Key)?.Pigtails.Has(p.Key) != true)
                        .Select(p => OfTail(after, b.Key, p.Key, p.Value))
                ),
        ];

    /// <summary>True for a run that was not there, and that is no piece of one that was cut through; or one whose hurts are gone and that
    /// is still one: new cable in its place.</summary>
    private static bool New(Job before, Job after, Id<Run> id)
    {
        if (before.Runs.TryFind(id, out var was))
        {
            var now = after.Runs[id];
            return was.IsCut && !now.IsCut && was.A.Box == now.A.Box && was.B.Box == now.B.Box;
        }

        var far = after.Runs[id].B;
        return !before.Runs.Any(old => old.Value.B == far && after.Runs.Find(old.Key) is { } now && now.B != old.Value.B);
    }

    /// <summary>A cable is one piece; of single conductors each is one, and their raceway.</summary>
    private static IEnumerable<Cut> Pieces(Job before, Job job, Id<Run> id, Run run)
    {
        var cut = OfRun(before, job, id, run);
        if (run.Type != CableType.Raceway)
        {
            return [cut];
        }

        var grounds = run.Ground == GroundKind.None ? Array.Empty<string>() : ["green"];
        return
        [
            cut with
            {
                Part = PartNames.Raceway,
                Length = cut.Way + cut.Rise + cut.Added,
                Ends = Length.Zero,
            },
            .. run.Conductors.Select(c => c.Colour).Concat(grounds).Select(colour => cut with { Part = PartNames.Wire(run.Gauge, colour) }),
        ];
    }

    private static Cut OfRun(Job before, Job job, Id<Run> id, Run run)
    {
        var way = run.Length.OrNull ?? Length.FromInches(ElectricsBook.UnknownFeet.Of(job.Practice) * 12);
        var measured = run.Length.How is Known.Measured or Known.Marked;
        var ends = new[] { run.A, run.B }.Aggregate(Length.Zero, (sum, end) => sum + End(job, end));
        var added = measured ? Length.Zero : Length.FromInches(way.InInches * WayBook.Guess.Of(job.Practice) / 100);
        var waste = Length.FromInches(WayBook.Waste.Of(job.Practice));
        var rise = measured ? Length.Zero : Rise(before, job, run);
        return new(id, null, PartNames.Of(run), way + rise + ends + added + waste, way, ends, added, measured, rise);
    }

    /// <summary>How far apart in height its two boxes are: as measured, a new one at the height of the house.</summary>
    private static Length Rise(Job before, Job job, Run run)
    {
        var heights = new[] { run.A.Box, run.B.Box }
            .OfType<Id<Box>>()
            .Where(job.Boxes.Has)
            .Select(b =>
                new BoxLook(job, b, job.Boxes[b]).Read(WallFacts.Height) ?? (before.Boxes.Has(b) ? null : (Length?)Centre(job.Practice))
            )
            .ToList();
        return heights is [{ } one, { } other] ? (one > other ? one - other : other - one) : Length.Zero;
    }

    /// <summary>The middle of a new receptacle at the height of the house.</summary>
    private static Length Centre(HousePractice house) =>
        Length.FromInches(WallBook.OutletHeight.Of(house)) + WallSizes.Half(WallBook.BoxHeight);

    /// <summary>At a panel, to go round it to the breaker. <em>Practice</em>.</summary>
    private static readonly Length RoundPanel = Length.Inches(24);

    /// <summary>Leads by house practice and reach, and the sheath the house leaves inside at most.</summary>
    private static Length End(Job job, RunEnd end)
    {
        var limits = LimitTable.For(job.Profile);
        var sheath = limits.Inches("cable.sheath.house");
        if (end.Box is not { } id || job.Boxes.Find(id) is not { } box)
        {
            return end.At == EndAt.Panel ? RoundPanel : sheath;
        }

        return Tails.Cut(new BoxLook(job, id, box)) + sheath;
    }

    private static Cut OfTail(Job job, Id<Box> box, Id<Lead> id, Pigtail tail)
    {
        var length = tail.Length.OrNull ?? Length.Parse(job.Practice.Answer(PracticeBook.PigtailLength));
        return new(
            null,
            (box, id),
            PartNames.Wire(tail.Gauge, tail.Colour),
            length,
            length,
            Length.Zero,
            Length.Zero,
            tail.Length.How is Known.Measured
        )
        {
            Strips = [Ways.Strips.Of(job.Boxes[box], tail.From, job.Practice), Ways.Strips.Of(job.Boxes[box], tail.To, job.Practice)],
        };
    }
}

/// <summary>The parts cables and wires are cut from.</summary>
public static class PartNames
{
    /// <summary>By type, gauge, conductors and ground: <c>nmb-14-2-g</c>.</summary>
    public static PartId Of(Run run) =>
        new(
            PartSort.Cable,
            $"{run.Type.ToString().ToLowerInvariant()}-{run.Gauge?.ToString() ?? "any"}-{run.Conductors.Count}"
                + (run.Ground == GroundKind.None ? "" : "-g")
        );

    public static PartId Raceway { get; } = new(PartSort.Raceway, "surface");

    public static PartId Wire(Gauge? gauge, string colour) => new(PartSort.Wire, $"{gauge?.ToString() ?? "any"}-{Plain(colour)}");

    /// <summary>A colour as an id may say it.</summary>
    private static string Plain(string colour) =>
        string.Concat(colour.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '.'))[..Math.Min(colour.Length, 20)];
}
