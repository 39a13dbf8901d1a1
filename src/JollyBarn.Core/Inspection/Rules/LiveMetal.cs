using JollyBarn.CodeBook;
using JollyBarn.Electrics;
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
    }

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
