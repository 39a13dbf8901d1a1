using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No metal that somebody can touch hangs on a hot.</summary>
/// <remarks>NEC 250.4(A)(2), (5). Where a ground is there too it is a short, judged where it is made.</remarks>
public sealed class LiveMetal() : BoxRule("live-metal")
{
    public enum Case
    {
        Device,
        Box,
        DeviceWhenOn,
        BoxWhenOn,

        /// <summary>By the solved network.</summary>
        ExpectedDevice,
        ExpectedBox,
        ExpectedPlate,
        ExpectedFar,
    }

    /// <summary>True for a verdict by the solved network.</summary>
    public static bool IsExpected(Finding finding) =>
        finding
            is {
                Rule: "live-metal",
                Case: nameof(Case.ExpectedDevice) or nameof(Case.ExpectedBox) or nameof(Case.ExpectedPlate) or nameof(Case.ExpectedFar)
            };

    /// <summary>The verdict on what the solved network expects live, in the place of one by the wiring alone.</summary>
    public Finding Expected(Reads reads, LivePart part)
    {
        var feeds = part.Feeds?.Select(f => (Thing: Thing.Breaker(f.Panel, f.Breaker), Breaker: Find(reads, f))).ToList();
        return Stop(
            part.Of,
            part.Kind switch
            {
                LiveKind.Device => Case.ExpectedDevice,
                LiveKind.Box => Case.ExpectedBox,
                LiveKind.Plate => Case.ExpectedPlate,
                _ => Case.ExpectedFar,
            },
            ("device", part.Kind == LiveKind.Device ? Thing.Device(part.Of) : null),
            ("cable", part.Kind == LiveKind.Far ? new Thing(ThingKind.Cable, part.Of) : null),
            ("volts", (decimal)Math.Round(part.Volts, 1)),
            ("milliamperes", (decimal)Math.Round(part.Milliamperes, 1)),
            ("breakers", feeds?.Select(b => b.Thing).ToArray()),
            ("off", feeds?.Exists(b => b.Breaker?.On == false) == true ? true : null)
        );
    }

    private static Breaker? Find(Reads reads, (string Panel, string Breaker) key) =>
        reads.Panels.Find(key.Panel)?.Breakers.FirstOrDefault(b => b.Key == key.Breaker);

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var told = new HashSet<int?>();
        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Points().Any(p => p.Role == TerminalRole.Ground)))
        {
            var found = Live(look, Points.Yoke(look.Id, id));
            if (found is { } at && told.Add(look.Wires.Group(Points.Yoke(look.Id, id))))
            {
                yield return Stop(
                    id,
                    at.Switched ? Case.DeviceWhenOn : Case.Device,
                    ("device", Thing.Device(id)),
                    ("circuits", Circuits(look, Points.Yoke(look.Id, id))),
                    ("basis", at.Basis)
                );
            }
        }

        var metal = Points.Metal(look.Id);
        if (look.Box.Material != BoxMaterial.Nonmetallic && Live(look, metal) is { } box && told.Add(look.Wires.Group(metal)))
        {
            yield return Stop(
                Subjects.Box,
                box.Switched ? Case.BoxWhenOn : Case.Box,
                ("circuits", Circuits(look, metal)),
                ("basis", box.Basis)
            );
        }
    }

    private static Sourced? Live(BoxLook look, string point) =>
        Sourced.Of(look.Wires.At(point)) is { } at && at.Is(Carries.Hot) && !at.Is(Carries.Ground) ? at : null;

    private static Thing[] Circuits(BoxLook look, string point) =>
        [.. look.Wires.At(point).Switched.Circuits.Select(c => Thing.Circuit(c))];
}
