using JollyBarn.Measures;

namespace JollyBarn.Wiring;

/// <summary>Leads that go on, bared but not cut, beyond the place they lie on first: a ground through the hole of its connector to a
/// device, round a screw of the box and on, a hot under one screw after another. What goes on is kept as a piece of the lead
/// (<see cref="Pigtail.Of"/>), and is never a wire of its own: it begins where the lead lies, is of the same copper, and is counted once
/// at that place.</summary>
public static class Onward
{
    /// <summary>The box with every piece that goes on beginning where the lead or piece before it lies, and gone with it.</summary>
    public static Box Follow(Box box)
    {
        for (var more = box.Pigtails.Values.Any(t => t.Of is not null); more; )
        {
            more = false;
            foreach (var (id, tail) in box.Pigtails.Where(t => t.Value.Of is not null).ToList())
            {
                if (Before(box, tail) is { } from ? from != tail : box.Pigtails.Has(id))
                {
                    (more, box) = (
                        true,
                        box with
                        {
                            Pigtails = Before(box, tail) is { } now ? box.Pigtails.With(id, now) : box.Pigtails.Without(id),
                        }
                    );
                }
            }
        }

        return box;
    }

    /// <summary>The piece as what it is a part of says it is; null when that is gone.</summary>
    private static Pigtail? Before(Box box, Pigtail tail)
    {
        Pigtail Like(Landing from, Gauge? gauge, string colour, bool stranded, Metal metal, ConductorUse use) =>
            tail with
            {
                From = from,
                Gauge = gauge,
                Colour = colour,
                Stranded = stranded,
                Metal = metal,
                Use = use,
            };
        return box.Leads.Find(tail.Of) is { } l ? Like(l.Lands, l.Gauge, l.Colour, l.Stranded, l.Metal, l.Use)
            : box.Pigtails.Find(tail.Of) is { } p ? Like(p.To, p.Gauge, p.Colour, p.Stranded, p.Metal, p.Use)
            : null;
    }

    /// <summary>The lead a piece is part of, through every piece before it; null for a pigtail, and for pieces that go round.</summary>
    public static Id<Lead>? LeadOf(Box box, Pigtail piece)
    {
        var at = piece;
        for (var steps = 0; at.Of is { } of && steps <= box.Pigtails.Count; steps++)
        {
            if (box.Leads.Has(of))
            {
                return of;
            }

            if (!box.Pigtails.TryFind(of, out at))
            {
                break;
            }
        }

        return null;
    }
}
