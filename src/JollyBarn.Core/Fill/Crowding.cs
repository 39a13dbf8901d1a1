using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

public enum Crowd
{
    Loose,
    Snug,
    HardToClose,
    CannotTell,
}

/// <summary>What takes room.</summary>
public enum CrowdOf
{
    Device,
    Connector,
    Leads,
    Pigtails,
}

/// <summary>One thing that takes room: so many pieces of a size.</summary>
/// <param name="Kind">Kind of device or connector.</param>
/// <param name="Room">Room of all of them, in³, rounded for reading.</param>
/// <param name="Assumes">Keys of the assumptions it rests on.</param>
public sealed record CrowdLine(CrowdOf Of, string? Kind, int Count, decimal Room, IReadOnlyList<string> Assumes)
{
    /// <summary>Room of one, of devices and connectors.</summary>
    public Volume Each { get; init; }

    /// <summary>How wire was reckoned; null for what is no wire.</summary>
    public Folded? Wire { get; init; }
}

/// <summary>Wire as folded cylinders.</summary>
/// <param name="Inches">In of it in all, <paramref name="Across"/> in across.</param>
/// <param name="Fold">Times what folding loses.</param>
/// <param name="Guessed">Pieces nobody measured.</param>
public sealed record Folded(Gauge Gauge, bool Bare, decimal Inches, decimal Across, decimal Fold, int Guessed);

/// <summary>How crowded a box is: what bodies, connectors and leads take of the room there is. <em>Practice</em>; a box may be legal and
/// still not close.</summary>
/// <param name="Share">Percent of the room taken; null when the room is not known.</param>
public sealed record CrowdAnswer(
    Crowd Crowd,
    decimal? Share,
    decimal Taken,
    decimal? Room,
    IReadOnlyList<CrowdLine> Lines,
    IReadOnlyList<CrowdAssumption> Assumptions
);

/// <summary>An assumption as it holds here.</summary>
public sealed record CrowdAssumption(string Key, string Name, decimal Value, string Unit, bool House);

/// <summary>Judges crowding of a recorded box.</summary>
public static class Crowding
{
    public static CrowdAnswer Judge(Box box, FillInput input, HousePractice practice)
    {
        var lines = new List<CrowdLine>();
        foreach (var group in box.Devices.Values.GroupBy(d => d.Kind))
        {
            if (DeviceKinds.Find(group.Key) is { } kind && kind.Body > Volume.Zero)
            {
                lines.Add(new(CrowdOf.Device, kind.Id, group.Count(), group.Count() * kind.Body.CubicInches, []) { Each = kind.Body });
            }
        }

        foreach (var group in box.Joints.Values.GroupBy(j => j.Connector))
        {
            if (ConnectorKinds.Find(group.Key) is { } kind && kind.Room > Volume.Zero)
            {
                lines.Add(new(CrowdOf.Connector, kind.Id, group.Count(), group.Count() * kind.Room.CubicInches, []) { Each = kind.Room });
            }
        }

        var leads = box.Leads.Values.Where(l => l.Device is null).Select(l => (l.Gauge, l.IsBare, l.Length.OrNull));
        Bulky(lines, CrowdOf.Leads, leads, CrowdingBook.LeadLength, practice);
        Bulky(
            lines,
            CrowdOf.Pigtails,
            box.Pigtails.Values.Select(p => (p.Gauge, p.Colour == "bare", p.Length.OrNull)),
            CrowdingBook.PigtailLength,
            practice
        );
        return Answer(lines, BoxFill.AvailableIn(input), practice);
    }

    /// <summary>Leads as folded cylinders: length × diameter², times what folding loses.</summary>
    private static void Bulky(
        List<CrowdLine> lines,
        CrowdOf of,
        IEnumerable<(Gauge? Gauge, bool Bare, Length? Length)> wires,
        Assumption usual,
        HousePractice practice
    )
    {
        var fold = CrowdingBook.FoldLoss.Of(practice);
        foreach (
            var group in wires.GroupBy(w => (w.Gauge, w.Bare)).OrderBy(g => g.Key.Bare).ThenByDescending(g => g.Key.Gauge?.Number ?? 99)
        )
        {
            var gauge = group.Key.Gauge ?? Gauge.Awg(12);
            var diameter = group.Key.Bare ? Bulk.BareDiameter(gauge) : Bulk.InsulatedDiameter(gauge);
            var total = group.Sum(w => w.Length?.InInches ?? usual.Of(practice));
            var guessed = group.Count(w => w.Length is null);
            lines.Add(
                new(
                    of,
                    null,
                    group.Count(),
                    decimal.Round(total * diameter * diameter * fold, 2),
                    guessed > 0 ? [usual.Key, CrowdingBook.FoldLoss.Key] : [CrowdingBook.FoldLoss.Key]
                )
                {
                    Wire = new(gauge, group.Key.Bare, total, diameter, fold, guessed),
                }
            );
        }
    }

    private static CrowdAnswer Answer(List<CrowdLine> lines, VolumeSpan room, HousePractice practice)
    {
        var taken = lines.Sum(l => l.Room);
        var assumptions = CrowdingBook
            .All.Select(a => new CrowdAssumption(a.Key, a.Name, a.Of(practice), a.Unit, practice.Answers.ContainsKey(a.Key)))
            .ToList();
        if (!room.IsExact || room.Low <= Volume.Zero)
        {
            return new(Crowd.CannotTell, null, taken, null, lines, assumptions);
        }

        var share = decimal.Round(100 * taken / room.Low.CubicInches, 1);
        var crowd =
            share >= CrowdingBook.Tight.Of(practice) ? Crowd.HardToClose
            : share >= CrowdingBook.Snug.Of(practice) ? Crowd.Snug
            : Crowd.Loose;
        return new(crowd, share, taken, room.Low.CubicInches, lines, assumptions);
    }
}
