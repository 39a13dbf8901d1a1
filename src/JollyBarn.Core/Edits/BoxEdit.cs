using System.Text.Json.Serialization;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>An edit inside one box.</summary>
public abstract record BoxEdit(string Box) : Edit
{
    [JsonIgnore]
    public sealed override IEnumerable<string> OfBoxes => [Box];

    public sealed override Refusal? Check(Job job)
    {
        if (!job.Boxes.TryFind(Box, out var box))
        {
            return Refuse.Missing("box", Box, "box");
        }

        return box.Binned && this is not BringBackBox
            ? new Refusal($"{box.Name} is in the bin. Bring it back first.", "box")
            : CheckIn(box, job);
    }

    public sealed override Job Apply(Job job)
    {
        if (!job.Boxes.TryFind(Box, out var box))
        {
            return job;
        }

        var next = ApplyTo(job, box);
        return next.Boxes.Find(Box) is { Noted.Count: > 0 } after
            ? next with
            {
                Boxes = next.Boxes.With(Box, Subjects.Pruned(after)),
            }
            : next;
    }

    public sealed override string Tell(Job before) =>
        before.Boxes.Find(Box) is { } box ? $"{box.Name}: {TellIn(box)}" : "a box that is gone";

    protected abstract Refusal? CheckIn(Box box, Job job);

    /// <summary>The box after the edit; the job beyond the box stays as it is unless <see cref="ApplyTo"/> says otherwise.</summary>
    protected abstract Box ApplyIn(Box box);

    protected virtual Job ApplyTo(Job job, Box box) => job with { Boxes = job.Boxes.With(Box, ApplyIn(box)) };

    protected abstract string TellIn(Box box);
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
                return box.Joints.Has(landing.Joint) ? null : Refuse.Missing("joint", landing.Joint, field + ".joint");
            case LandingAt.Terminal:
                if (!box.Devices.TryFind(landing.Device, out var device))
                {
                    return Refuse.Missing("device", landing.Device, field + ".device");
                }

                var kind = CodeBook.DeviceKinds.Find(device.Kind);
                return kind is not null && kind.Terminals.Any(t => t.Landings.Any(p => p.Id == landing.Place))
                    ? null
                    : new Refusal($"A {kind?.Name ?? device.Kind} has no place {Ids.Shown(landing.Place)}.", field + ".place");
            case LandingAt.BondingScrew:
                return box.Material == CodeBook.BoxMaterial.Nonmetallic
                    ? new Refusal("A nonmetallic box has no bonding screw.", field + ".at")
                    : null;
            default:
                return null;
        }
    }

    public static string Says(this Box box, Landing landing) =>
        landing.At switch
        {
            LandingAt.Joint => box.Joints.Find(landing.Joint)?.Name is { } name ? $"joint {name}" : "a joint",
            LandingAt.Terminal => $"{TerminalName(box, landing) ?? landing.Place} of the {DeviceName(box, landing.Device)}",
            LandingAt.BondingScrew => "the bonding screw",
            LandingAt.Cap => "a cap",
            LandingAt.Loose => "loose",
            _ => "nobody knows where",
        };

    private static string? TerminalName(Box box, Landing landing) =>
        CodeBook.DeviceKinds.Find(box.Devices.Find(landing.Device)?.Kind)?.Terminals.FirstOrDefault(t => t.Id == landing.Terminal)?.Name;

    public static string DeviceName(this Box box, string? device) =>
        box.Devices.Find(device) is { } found ? found.Name ?? CodeBook.DeviceKinds.Find(found.Kind)?.Name ?? found.Kind : "device";
}
