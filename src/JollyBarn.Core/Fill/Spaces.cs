using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>The spaces that partitions make of a box, counted from the left, and what lies in which.</summary>
internal sealed class Spaces
{
    private readonly Box box;
    private readonly List<int> walls;

    public Spaces(Box box)
    {
        this.box = box;
        var gangs = Math.Max(1, box.OpenGangs);
        walls = [.. box.Partitions.Values.Select(p => p.AfterGang).Where(g => g < gangs).Order()];
        var edges = walls.Prepend(0).Append(gangs).ToList();
        Shares = [.. edges.Skip(1).Zip(edges, (to, from) => (decimal)(to - from) / gangs)];
    }

    /// <summary>Each space's share of the volume, by its gangs.</summary>
    public IReadOnlyList<decimal> Shares { get; }

    public int OfDevice(Id<Device>? id) => box.Devices.Find(id) is { Gang: > 0 } device ? walls.Count(w => w < device.Gang) : 0;

    /// <summary>A lead lies where it lands; one that lands nowhere known is counted in the first space.</summary>
    public int OfLead(Lead lead) => Of(lead.Lands);

    public int Of(Landing landing) =>
        landing.At switch
        {
            LandingAt.Terminal => OfDevice(landing.Device),
            LandingAt.Joint => Within(box.Joints.Find(landing.Joint)?.Space ?? 0),
            _ => 0,
        };

    private int Within(int space) => Math.Min(space, Shares.Count - 1);
}
