using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>The grounds of a box, as several rules look at them.</summary>
internal static class Grounds
{
    /// <summary>Ground conductors of cables that end here.</summary>
    public static IEnumerable<Id<Lead>> Of(BoxLook look) =>
        look.Ended.Where(l => l.Lead is { Use: ConductorUse.Ground } || look.Sources.Of(l.Id).Kinds == Carries.Ground).Select(l => l.Id);

    /// <summary>True where a ground is in the box: a conductor of a cable, or metal that reaches the panel's ground.</summary>
    public static bool Here(BoxLook look) => Of(look).Any() || (Metal(look) && look.Wires.Metal.Grounded == Certain.Yes);

    /// <summary>True for a box of metal.</summary>
    public static bool Metal(BoxLook look) => look.Box.Material == BoxMaterial.Metal;

    /// <summary>True where a conductor of the box reaches the panel's ground, or was tested to.</summary>
    public static bool Available(BoxLook look) =>
        Of(look).Any(g => look.Sources.IsGrounded(look.Wires.Lead(look.Box, g)))
        || (Metal(look) && look.Sources.IsGrounded(look.Wires.Metal));

    /// <summary>True for an end that goes on from a device: a cable's, or a pigtail's or own lead's whose other end lies on
    /// something.</summary>
    public static bool Attached(BoxLook look, Id<Lead> end, Id<Device> device)
    {
        static bool Lies(Landing at) => at.At is not (LandingAt.Loose or LandingAt.Cap);
        return look.Box.Pigtails.Find(end) is { } tail
            ? Lies(tail.From.IsOn(device) ? tail.To : tail.From)
            : look.Box.Leads.Find(end) is { } lead && (lead.Run is not null || Lies(lead.Lands));
    }

    /// <summary>The cables that were not followed to their other ends, on the way of a ground.</summary>
    public static Thing[] Open(Wire wire) =>
        [.. wire.Always.Open.Where(o => o.Kind == OpenKind.FarEnd).Select(o => o.Run!.Value).Distinct().Select(r => Thing.Run(r))];

    /// <summary>The other boxes a ground goes to that reaches no panel.</summary>
    public static Thing[] Stops(BoxLook look, Wire wire) =>
        [.. wire.Always.Boxes.Where(b => b != look.Id).Select(b => new Thing(ThingKind.Box, b))];
}
