using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Practice.Spot;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Made;

/// <summary>A box with its cables in, its devices at hand and every lead loose, and what it is wished to do.</summary>
/// <param name="Sound">The house made up as it may be: one way of several.</param>
/// <param name="Job">The house with the box apart.</param>
/// <param name="Wishes">What has to work that does not work apart.</param>
public sealed record MakeDrill(int Seed, int Level, Job Sound, Job Job, Id<Box> Box, IReadOnlyList<Wish> Wishes)
{
    /// <summary>How much there is to connect in a box of each level, least and most; see <see cref="Work"/>.</summary>
    private static readonly (int Least, int Most)[] Works = [(0, 5), (6, 8), (8, 9), (9, 10), (11, 99)];

    /// <summary>The same for the same seed, level and edition.</summary>
    public static MakeDrill Make(int seed, int level, Edition edition)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(level, 1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(level, SpotDrill.Levels);
        var random = new Random(Seeds.Mixed(seed, level, 700 + (int)edition));
        while (true)
        {
            var house = SpotDrill.House(random, edition);
            var (least, most) = Works[level - 1];
            var fit = house.Boxes.Where(b => b.Value.Devices.Count > 0 && Work(b.Value) >= least && Work(b.Value) <= most).ToList();
            if (fit.Count == 0)
            {
                continue;
            }

            var box = fit[random.Next(fit.Count)].Key;
            var sound = SoundBox.Answered(house, box);
            var apart = Apart(sound, box);
            if (SpotDrill.Wrong(sound, box).Count == 0 && Wish.Of(sound, apart) is { Count: > 0 } wishes)
            {
                return new(seed, level, sound, apart, box, wishes);
            }
        }
    }

    /// <summary>What there is to connect: leads of cables, twice the devices, and two more for what switches or protects.</summary>
    private static int Work(Box box) =>
        box.Leads.Values.Count(l => l.Run is not null)
        + (2 * box.Devices.Count)
        + (box.Devices.Values.Any(d => DeviceKinds.Find(d.Kind) is { } kind && (kind.Levers.Count > 0 || kind.Protects)) ? 2 : 0);

    /// <summary>The house with one box apart: no joint, no pigtail, nothing on a screw, no tape on a wire, no tab broken.</summary>
    internal static Job Apart(Job job, Id<Box> id)
    {
        var box = job.Boxes[id];
        var gone = box.Joints.Ids.Select(j => j.Text).Concat(box.Pigtails.Ids.Select(p => p.Text)).ToHashSet(StringComparer.Ordinal);
        return job with
        {
            Boxes = job.Boxes.With(
                id,
                box with
                {
                    Joints = ById<Id<Joint>, Joint>.Empty,
                    Pigtails = ById<Id<Lead>, Pigtail>.Empty,
                    Leads = box.Leads.Aggregate(box.Leads, (all, l) => all.With(l.Key, Loose(l.Value))),
                    Devices = box.Devices.Aggregate(box.Devices, (all, d) => all.With(d.Key, d.Value with { BrokenTabs = [] })),
                    Noted = gone.Aggregate(box.Noted, (noted, of) => noted.Has(of) ? noted.Without(of) : noted),
                }
            ),
        };
    }

    private static Lead Loose(Lead lead) =>
        lead with
        {
            Lands = Landing.Loose,
            MarkedAs = null,
            Use = lead.Run is null ? lead.Use : CableSpec.UseOf(lead.Colour),
        };
}
