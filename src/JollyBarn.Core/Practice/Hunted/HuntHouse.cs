using JollyBarn.Edits;
using JollyBarn.Practice.Houses;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Hunted;

/// <summary>One circuit to look for a fault in: longer the higher the level, fed on by joints, through devices, or behind a protective
/// receptacle.</summary>
internal sealed class HuntHouse : WiredHouse
{
    private static readonly int[] Lengths = [3, 4, 6, 8, 10];

    private HuntHouse(int seed)
        : base(seed) { }

    /// <summary>The same for the same seed and level.</summary>
    public static Job Make(int seed, int level)
    {
        var house = new HuntHouse(seed);
        var boxes = Lengths[level - 1];
        Action[] kinds =
        [
            () => house.Row(boxes),
            () => house.Through(boxes),
            () => house.Guarded(boxes),
            level == 1 ? house.Light
            : level == 2 ? house.Loop
            : house.ThreeWays,
        ];
        // Lights have few boxes: the higher the level, the longer the row.
        kinds[house.Drawn(level < 4 ? kinds.Length : kinds.Length - 1)]();
        return house.Job;
    }

    /// <summary>Receptacles in a row that feed on through their own terminals.</summary>
    private void Through(int boxes)
    {
        var (circuit, gauge) = Circuit(15);
        var run = FromPanel(circuit, gauge, 2);
        for (var left = boxes; left > 0; left--)
        {
            var box = Box("nm-1g-22.5", "dry");
            var leads = Enter(box, run);
            if (left == 1)
            {
                Receptacle(box, "receptacle", leads, "hot-upper", "neutral-upper");
                continue;
            }

            run = Run(circuit, gauge, 2);
            var on = Enter(box, run);
            Do(
                new AddDevice(box, "r", "receptacle", 1),
                new MoveLead(box, leads[0], At("r", "hot-upper/screw")),
                new MoveLead(box, leads[1], At("r", "neutral-upper/screw")),
                new MoveLead(box, on[0], At("r", "hot-lower/screw")),
                new MoveLead(box, on[1], At("r", "neutral-lower/screw"))
            );
            Grounds(box, [leads[2], on[2]], "r");
        }
    }

    /// <summary>A protective receptacle, and a row of others behind its load side.</summary>
    private void Guarded(int boxes)
    {
        var on = Circuit(20);
        var (feed, safe) = (FromPanel(on.Circuit, on.Gauge, 2), Run(on.Circuit, on.Gauge, 2));
        ProtectedBox("bath", feed, safe);
        Chain(on, safe, boxes - 1, n => Box("nm-1g-22.5", n == 0 ? "bath" : "dry"));
    }
}
