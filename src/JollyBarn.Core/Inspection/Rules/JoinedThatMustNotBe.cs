using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hot joined to a neutral or a ground, or to a hot of another leg, is a short: the breaker opens, or does not. Wherever it is
/// made: in a joint, on a terminal or screw, through a device.</summary>
/// <remarks>NEC 110.7: completed wiring is free from short circuits and ground faults.</remarks>
public sealed class JoinedThatMustNotBe() : BoxRule("short")
{
    public enum Case
    {
        OneJoint,
        OnDevice,
        Elsewhere,
        WhenSwitched,
        TwoLegs,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var meeting in Meetings.Of(look, Carries.Hot, Carries.Neutral | Carries.Ground))
        {
            var (hot, other) = (meeting.One.Lead, meeting.Other.Lead);
            yield return Told(look, meeting.Turned ? Case.WhenSwitched : null, hot, other, ("basis", meeting.Basis));
        }

        foreach (var (one, other) in Meetings.OfLegs(look))
        {
            yield return Told(look, Case.TwoLegs, one.Lead, other.Lead, ("basis", Basis.Wiring));
        }
    }

    private Finding Told(BoxLook look, Case? only, Id<Lead> hot, Id<Lead> other, (string, object?) basis)
    {
        var joint = look.Box.Joints.Ids.FirstOrNull(j => new[] { hot, other }.All(l => Direct(look, l, j)));
        var device = look.Box.Devices.Ids.FirstOrNull(d => new[] { hot, other }.All(l => Touches(look, l, d)));
        var (of, one) =
            joint is { } at ? (at.Text, only ?? Case.OneJoint)
            : device is { } on ? (on.Text, only ?? Case.OnDevice)
            : (hot.Text, only ?? Case.Elsewhere);
        return Stop(
                of,
                one,
                ("hot", Thing.Lead(hot)),
                ("other", Thing.Lead(other)),
                ("joint", joint is { } j ? Thing.Joint(j) : null),
                ("device", device is { } d ? Thing.Device(d) : null),
                basis
            )
            .Pointing(of, hot, other);
    }

    private static bool Direct(BoxLook look, Id<Lead> lead, Id<Joint> joint) => look.Box.Leads[lead].Lands.IsIn(joint);

    /// <summary>True for a lead that lies on the device, alone or by a pigtail from where it lies.</summary>
    private static bool Touches(BoxLook look, Id<Lead> lead, Id<Device> device)
    {
        var lands = look.Box.Leads[lead].Lands;
        return lands.IsOn(device)
            || (
                lands.At == LandingAt.Joint
                && look.Box.Pigtails.Values.Any(t =>
                    (t.From.IsOn(device) && t.To.IsIn(lands.Joint!.Value)) || (t.To.IsOn(device) && t.From.IsIn(lands.Joint!.Value))
                )
            );
    }
}
