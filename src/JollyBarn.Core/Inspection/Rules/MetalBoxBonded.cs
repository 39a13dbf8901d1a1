using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A metal box is bonded, by a screw used for nothing else or a listed clip, to what reaches the panel's ground.</summary>
/// <remarks>NEC 250.148(B), (C), 314.4, 250.4(A)(5): the bond stays when a device comes off. Where no cable brings a ground conductor there
/// is none to bond to; other rules say what
/// that means.</remarks>
public sealed class MetalBoxBonded() : BoxRule("box-bonded")
{
    public enum Case
    {
        Bonded,
        Tested,
        Ask,
        AskFollow,
        NotBonded,
        ThroughDevice,
        DeadGround,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var grounds = Grounds.Of(look).ToList();
        if (!Grounds.Metal(look) || !Grounds.Here(look))
        {
            yield break;
        }

        yield return Bonded(look).Pointing(grounds);
    }

    private Finding Bonded(BoxLook look)
    {
        const string box = Subjects.Box;
        var wire = look.Wires.Metal;
        var open = !look.Complete || look.Ended.Any(l => l.Lead is { IsGround: true, Lands.At: LandingAt.Unknown });
        if (!Held(look) && !(wire.Grounded == Connection.Certain.Yes && !look.Box.Devices.Values.Any(d => d.Gang > 0)))
        {
            return open ? AskOf(box, Case.Ask, []) : Fix(box, Case.NotBonded);
        }

        if (Through(look) is { } device)
        {
            return Fix(box, Case.ThroughDevice, ("device", Thing.Device(device)));
        }

        return look.Sources.Grounded(wire) switch
        {
            Grounding.Followed => Fine(box, Case.Bonded),
            Grounding.Tested => Fine(box, Case.Tested, ("cables", Grounds.Open(wire))),
            Grounding.CannotTell when Grounds.Open(wire) is { Length: > 0 } cables => AskOf(
                box,
                Case.AskFollow,
                look.Sources.Deciding(wire),
                ("cables", cables)
            ),
            Grounding.CannotTell => AskOf(box, Case.Ask, []),
            _ => Fix(box, Case.DeadGround, ("boxes", Grounds.Stops(look, wire))),
        };
    }

    /// <summary>The device that the box loses its bond with when it is taken off; null where none is.</summary>
    private static Id<Device>? Through(BoxLook look)
    {
        var grounds = Grounds.Of(look).Where(look.Touching.ReachesBox).ToList();
        return grounds.Count == 0 || look.Cables.Any(c => c.Run.Ground == GroundKind.Sheath)
            ? null
            : look.Box.Devices.Ids.FirstOrNull(d => look.On(d).Count > 1 && !grounds.Exists(Continuity.Without(look.Box, d).ReachesBox));
    }

    /// <summary>True where something that goes on lies on the bonding screw, or the fitting of armour or raceway that is a ground joins it;
    /// what a yoke's screws touch does not count.</summary>
    private static bool Held(BoxLook look)
    {
        static bool Screw(Landing at) => at.At == LandingAt.BondingScrew;
        static bool Lies(Landing at) => at.At is not (LandingAt.Loose or LandingAt.Cap or LandingAt.BondingScrew);
        return look.Cables.Any(c => c.Run.Ground == GroundKind.Sheath)
            || look.Box.Leads.Values.Any(l => l.Run is not null && Screw(l.Lands))
            || look.Box.Pigtails.Values.Any(t => (Screw(t.From) && Lies(t.To)) || (Screw(t.To) && Lies(t.From)));
    }
}
