using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A protective device fed on its load side: what hangs on the line side is not protected, an old one's own face may stay live
/// when tripped. And a cable of which only one conductor hangs on the load side.</summary>
/// <remarks>By its listing and instructions, 110.3(B).</remarks>
public sealed class LineAndLoad() : BoxRule("line-load")
{
    public enum Case
    {
        FeedOnLoad,
        NeutralOnLoad,
        HalfOnLoad,
        NotOnLoad,
        AskLoad,
        OnLine,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Devices.Where(d => d.Kind.Protects))
        {
            var (hot, neutral) = look.Wires.BackFed(id);
            if (hot || neutral)
            {
                var name = hot ? "load-hot" : "load-neutral";
                var lead = look.Sources.On(id, kind, name).FirstOrNull();
                yield return Fix(
                        id,
                        hot ? Case.FeedOnLoad : Case.NeutralOnLoad,
                        ("device", Thing.Device(id)),
                        ("lead", lead is { } on ? Thing.Lead(on) : null)
                    )
                    .Pointing([.. lead is { } at ? [at.Text] : Array.Empty<string>(), id]);
            }
            else if (Half(look, id) is { } half)
            {
                yield return Fix(id, Case.HalfOnLoad, ("device", Thing.Device(id)), ("lead", Thing.Lead(half))).Pointing(half, id);
            }
            else if (Said(look) is { } said)
            {
                yield return Fix(id, Case.NotOnLoad, ("device", Thing.Device(id)), ("lead", Thing.Lead(said))).Pointing(said, id);
            }
            else if (Marked(look).FirstOrDefault(c => !Seen(look, c)) is { } unseen)
            {
                yield return AskOf(id, Case.AskLoad, [], ("device", Thing.Device(id)), ("cable", unseen.Thing)).Pointing(unseen.Leads);
            }
            else if (look.Sources.At(id, kind, "line-hot").Switched.Hot && look.Sources.At(id, kind, "line-neutral").Switched.Neutral)
            {
                yield return Fine(id, Case.OnLine, ("device", Thing.Device(id)));
            }
        }
    }

    /// <summary>A conductor on the load side of the device whose cable's other conductor is not.</summary>
    private static Id<Lead>? Half(BoxLook look, Id<Device> device)
    {
        var guard = Electrics.GuardKey.Device(look.Id, device);
        bool Behind(Id<Lead> lead) => look.Wires.Lead(look.Box, lead).Behind.Contains(guard);
        foreach (var cable in look.Cables)
        {
            var joined = cable
                .Leads.Where(l => look.Sources.Of(l) is { Kinds: Carries.Hot or Carries.Neutral, Basis: not Basis.Said })
                .ToList();
            var neutrals = joined.Where(l => look.Sources.Of(l).Kinds == Carries.Neutral).ToList();
            var hots = joined.Except(neutrals).ToList();
            if (neutrals.Count > 0 && hots.FirstOrNull(h => !neutrals.TrueForAll(n => Behind(n) == Behind(h))) is { } half)
            {
                return Behind(half) ? half : neutrals.FirstOrNull(Behind);
            }
        }

        return null;
    }

    /// <summary>A conductor of a cable that is marked as protected and does not hang on the load side, as somebody saw.</summary>
    private static Id<Lead>? Said(BoxLook look)
    {
        var lead = Marked(look).FirstOrDefault(c => Seen(look, c))?.Leads.FirstOrNull(l => !look.Box.Leads[l].IsGround);
        return lead is { } on && look.Wires.Lead(look.Box, on).Behind.Count == 0 ? lead : null;
    }

    /// <summary>Cables that are marked as protected and are not on a load side, as far as recorded.</summary>
    private static IEnumerable<CableHere> Marked(BoxLook look)
    {
        var guarded = Continuity.Protected(look.Box);
        return look.Cables.Where(c => c.End.Feeds == Feeds.Protected && !guarded.Contains(c.RunId));
    }

    /// <summary>True where somebody saw where all of its conductors go.</summary>
    private static bool Seen(BoxLook look, CableHere cable) => cable.Leads.All(l => look.Box.Leads[l].Lands.At != LandingAt.Unknown);
}
