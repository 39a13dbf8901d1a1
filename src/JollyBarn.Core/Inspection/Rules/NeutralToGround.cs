using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A neutral joined to a ground past the service: in a joint, on a ground terminal, or on the box.</summary>
/// <remarks>NEC 250.24(A)(5), 250.142(B).</remarks>
public sealed class NeutralToGround() : BoxRule("neutral-ground")
{
    public enum Case
    {
        OnGround,
        OnDeviceGround,
        OnBox,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var told = new HashSet<int?>();
        foreach (var meeting in Meetings.Of(look, Carries.Neutral, Carries.Ground))
        {
            var (neutral, ground) = (meeting.One.Lead, meeting.Other.Lead);
            if (told.Add(look.Sources.Cables.First(c => c.Id == neutral).Group))
            {
                yield return Stop(
                        neutral,
                        Case.OnGround,
                        ("lead", Thing.Lead(neutral)),
                        ("ground", Thing.Lead(ground)),
                        ("basis", meeting.Basis)
                    )
                    .Pointing(neutral, ground);
            }
        }

        // Where no ground comes in, metal that hangs on a neutral is live the day that neutral opens.
        foreach (
            var (id, group) in look.Sources.Cables.Where(l => look.Sources.Of(l.Id).Kinds == Carries.Neutral).Select(l => (l.Id, l.Group))
        )
        {
            if (!told.Contains(group) && OnMetal(look, id, group) is { } found)
            {
                told.Add(group);
                yield return found;
            }
        }
    }

    private Finding? OnMetal(BoxLook look, Id<Lead> neutral, int? group)
    {
        var device = look
            .Devices.FirstOrNull(d =>
                d.Kind.Points().Any(p => p.Role == TerminalRole.Ground) && look.Wires.Group(Points.Yoke(look.Id, d.Id)) == group
            )
            ?.Id;
        var basis = look.Sources.Of(neutral).Basis;
        return device is { } at
                ? Stop(neutral, Case.OnDeviceGround, ("lead", Thing.Lead(neutral)), ("device", Thing.Device(at)), ("basis", basis))
            : look.Box.Material != BoxMaterial.Nonmetallic && look.Wires.Group(Points.Metal(look.Id)) == group
                ? Stop(neutral, Case.OnBox, ("lead", Thing.Lead(neutral)), ("basis", basis))
            : null;
    }
}
