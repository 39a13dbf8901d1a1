using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>An edit inside one box.</summary>
public abstract record BoxEdit(Id<Box> Box) : Edit
{
    [JsonIgnore]
    public override IEnumerable<Id<Box>> OfBoxes => [Box];

    public sealed override Refusal? Check(Job job)
    {
        if (!job.Boxes.TryFind(Box, out var box))
        {
            return Refuse.Missing(What.Box, Box, "box");
        }

        return box.Binned && this is not BringBackBox ? new Refusal(Why.InTheBin, "box", ("box", box.Name)) : CheckIn(box, job);
    }

    public sealed override Job Apply(Job job)
    {
        if (!job.Boxes.TryFind(Box, out var box))
        {
            return job;
        }

        var next = ApplyTo(job, box);
        if (next.Boxes.Find(Box) is not { } after)
        {
            return next;
        }

        var whole = Onward.Follow(after);
        if (whole.Noted.Count > 0)
        {
            whole = Subjects.Pruned(EndedAnswers.Without(box, whole));
        }

        return ReferenceEquals(whole, after) ? next : next with { Boxes = next.Boxes.With(Box, whole) };
    }

    protected abstract Refusal? CheckIn(Box box, Job job);

    /// <summary>The box after the edit; the job beyond the box stays as it is unless <see cref="ApplyTo"/> says otherwise.</summary>
    protected abstract Box ApplyIn(Box box);

    protected virtual Job ApplyTo(Job job, Box box) => job with { Boxes = job.Boxes.With(Box, ApplyIn(box)) };
}

/// <summary>What happens to ends that lie on something which goes away.</summary>
internal static class Landings
{
    /// <summary>Every lead and pigtail end for which the test holds comes loose.</summary>
    public static Box ComeLoose(this Box box, Func<Landing, bool> goes) =>
        box with
        {
            Leads = box.Leads.Each((_, lead) => goes(lead.Lands) ? lead with { Lands = Landing.Loose } : lead),
            Pigtails = box.Pigtails.Each(
                (_, tail) =>
                    goes(tail.From) || goes(tail.To)
                        ? tail with
                        {
                            From = goes(tail.From) ? Landing.Loose : tail.From,
                            To = goes(tail.To) ? Landing.Loose : tail.To,
                        }
                        : tail
            ),
        };

    /// <summary>Refuses a place that is not in the box. Two leads under one screw are recorded, not refused.</summary>
    public static Refusal? Check(this Box box, Landing landing, string field)
    {
        if (Refuse.BadEnum(landing.At, field + ".at") is { } bad)
        {
            return bad;
        }

        switch (landing.At)
        {
            case LandingAt.Joint:
                return box.Joints.Has(landing.Joint) ? null : Refuse.Missing(What.Joint, landing.Joint, field + ".joint");
            case LandingAt.Terminal:
                if (box.Devices.Find(landing.Device) is not { } device)
                {
                    return Refuse.Missing(What.Device, landing.Device, field + ".device");
                }

                var kind = CodeBook.DeviceKinds.Find(device.Kind);
                return kind is not null && kind.Terminals.Any(t => t.Landings.Any(p => p.Id == landing.Place))
                    ? null
                    : new Refusal(Why.NoSuchPlace, field + ".place", ("kind", device.Kind), ("place", Ids.Shown(landing.Place)));
            case LandingAt.BondingScrew:
                return box.Material == CodeBook.BoxMaterial.Nonmetallic ? new Refusal(Why.NoBondingScrew, field + ".at")
                    : GroundingPlaces.Of(box).Contains(landing.Place) ? null
                    : new Refusal(Why.NoSuchGroundingPlace, field + ".place", ("place", Ids.Shown(landing.Place)));
            default:
                return null;
        }
    }
}
