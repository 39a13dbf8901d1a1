using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Electrics;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>Whether ground-fault protection watches every conductor that comes to the slots of a device.</summary>
/// <remarks>NEC 210.8: protected is what hangs on the load side with its hot and its neutral. By the recorded wiring; a mark on a cable or
/// an answer counts only where the record does not reach.</remarks>
/// <param name="Holds">Null where nobody knows.</param>
/// <param name="Basis">What says so.</param>
public sealed record Protected(bool? Holds, Basis Basis)
{
    /// <summary>The device that protects it, where the wiring shows it.</summary>
    public Thing? Guard { get; init; }

    /// <summary>True where one conductor comes from the load side of a device and the other does not.</summary>
    public bool Bypassed { get; init; }

    /// <summary>True where a mark or an answer says that it is protected, and the wiring that it is not.</summary>
    public bool SaidOtherwise { get; init; }

    public static Protected Of(BoxLook look, Id<Device> id, DeviceKind kind)
    {
        var halves = kind.Inside.OfType<Slots>().Select(s => Of(look, id, kind, s)).ToList();
        return halves.Find(h => h.Holds == false) ?? halves.Find(h => h.Holds is null) ?? halves.FirstOrDefault() ?? new(null, Basis.Said);
    }

    private static Protected Of(BoxLook look, Id<Device> id, DeviceKind kind, Slots slots)
    {
        var (hot, neutral) = (look.Sources.At(id, kind, slots.Hot), look.Sources.At(id, kind, slots.Neutral));
        if (hot.Behind.FirstOrNull(neutral.Behind.Contains) is { } guard)
        {
            var followed = hot.Switched is { Hot: true } && neutral.Switched is { Neutral: true };
            var self = guard == GuardKey.Device(look.Id, id);
            return new(true, followed || self ? Basis.Wiring : Basis.Mark) { Guard = Named(guard) };
        }

        var said =
            Marked(look, hot) ? Basis.Mark
            : look.Read(WallFacts.GfciAhead) == true ? Basis.Said
            : (Basis?)null;
        var (live, back) = (hot.Switched is { Hot: true, Closed: true }, neutral.Switched is { Neutral: true, Closed: true });
        if ((live && back) || (live && hot.Behind.Count == 0))
        {
            return new(false, Basis.Wiring) { Bypassed = hot.Behind.Count + neutral.Behind.Count > 0, SaidOtherwise = said is not null };
        }

        return said is { } by ? new(true, by) : new(look.Read(WallFacts.GfciAhead), Basis.Said);
    }

    /// <summary>Whether protection lies ahead of a cable that comes to the box, with every conductor of it: by the wiring, then by its mark
    /// and by an answer; null where nobody knows.</summary>
    public static bool? Ahead(BoxLook look, CableHere cable) =>
        Followed(look, cable) ?? (SaidProtected(look, cable) ? true : look.Read(WallFacts.GfciAhead));

    /// <summary>True where a mark or an answer says that protection lies ahead of a cable, and the wiring that none does.</summary>
    public static bool SaidAhead(BoxLook look, CableHere cable) => Followed(look, cable) == false && SaidProtected(look, cable);

    /// <summary>The same by the recorded wiring alone; null where it does not reach.</summary>
    public static bool? Followed(BoxLook look, CableHere cable)
    {
        var carry = cable
            .Leads.Select(l => look.Wires.Lead(look.Box, l))
            .Where(w => w.Switched.Hot || w.Switched.Neutral || w.Switched.Taken is not null)
            .ToList();
        if (carry.Count > 1 && carry[0].Behind.Any(g => carry.TrueForAll(w => w.Behind.Contains(g))))
        {
            return true;
        }

        // A hot that reaches a breaker with nothing on the way is behind no protection, wherever else it and its neutral go.
        return carry.Exists(w => w.Switched.Hot && w.Behind.Count == 0) || (carry.Count > 1 && carry.TrueForAll(w => w.Switched.Closed))
            ? false
            : null;
    }

    private static bool SaidProtected(BoxLook look, CableHere cable) =>
        cable.End.Feeds == Feeds.Protected || look.Read(WallFacts.GfciAhead) == true;

    /// <summary>True where a cable on the way that nobody followed is marked as protected.</summary>
    private static bool Marked(BoxLook look, Wire hot) =>
        look.Cables.Any(c => c.End.Feeds == Feeds.Protected && hot.Switched.Open.Any(o => o.Kind == OpenKind.FarEnd && o.Run == c.RunId));

    private static Thing Named(GuardKey guard) =>
        guard.Kind == GuardKind.Breaker ? Thing.Breaker(guard.In, guard.Of) : Thing.Device(guard.Of, guard.In);
}
