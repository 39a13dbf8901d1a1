using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>What the things of one box are called beside their picture, where the box itself is in sight: shorter than in a
/// sentence.</summary>
public sealed class ShortNames(Job job, Id<Box> id, Box box)
{
    private const string NotFollowed = "not followed yet";

    /// <summary>A cable by its own words, else by where it goes, else by where it comes in.</summary>
    public string Cable(Id<Run> run, RunSide side)
    {
        if (job.Runs.Find(run) is not { } found)
        {
            return NotFollowed;
        }

        var (here, far) = (found.End(side), found.End(side == RunSide.A ? RunSide.B : RunSide.A));
        return here.Says
            ?? (Far(far) is { } there ? $"to {there}" : null)
            ?? (box.Entries.Find(here.Entry) is { } entry ? $"at the {ChoiceWords.Side(entry.Side)}, {entry.Place + 1}" : NotFollowed);
    }

    /// <summary>What is at the other end of a cable; null when nobody knows.</summary>
    public string? Far(RunEnd end) =>
        end.At switch
        {
            EndAt.Box => job.Boxes.Find(end.Box)?.Name,
            EndAt.Panel => job.Panels.Find(end.Id)?.Name,
            EndAt.Load => end.Says ?? "a load",
            _ => null,
        };

    /// <summary>A lead or pigtail: <c>white, from the pantry</c>; a device's own lead by its device.</summary>
    public string Lead(Id<Lead> lead)
    {
        if (box.Pigtails.Find(lead) is { } tail)
        {
            return Onward.LeadOf(box, tail) is { } on ? $"{Lead(on)}, where it goes on" : InsideNames.Pigtail(box, lead);
        }

        return box.Leads.Find(lead) is not { } found ? lead
            : found.Device is { } device ? $"{found.Colour} of the {Device(device)}"
            : $"{found.Colour}, {Cable(found.Run ?? "", found.Side)}";
    }

    public string Joint(Id<Joint> joint) => InsideNames.Joint(box, joint);

    public string Device(Id<Device> device) => Names.DeviceIn(box, device);

    /// <summary>Where an end lies: <c>joint hots</c>, <c>line hot of the protective receptacle, under the plate</c>.</summary>
    public string Lies(Landing landing) =>
        landing.At switch
        {
            LandingAt.Joint => $"joint {Joint(landing.Joint ?? "")}",
            LandingAt.Terminal => Names.Spot(box, landing),
            LandingAt.Cap => "capped",
            LandingAt.Loose => "loose",
            LandingAt.BondingScrew => Names.Grounding(landing),
            _ => "nobody knows where",
        };

    /// <summary>A connection as a sentence: <c>white, from the pantry: joint neutrals</c>.</summary>
    public string Connection(Id<Lead> lead)
    {
        var name = Lead(lead);
        if (box.Pigtails.Find(lead) is { } tail)
        {
            name = tail.Of is null ? $"{tail.Colour} pigtail" : name;
            return tail.Of is null ? $"{name}: {Lies(tail.From)} to {Lies(tail.To)}" : $"{name}: {Lies(tail.To)}";
        }

        return box.Leads.Find(lead) switch
        {
            null => name,
            { Form: LeadForm.Ended } ended => $"{name}: {Lies(ended.Lands)}",
            var on => $"{name}: {(on.Form == LeadForm.Loop ? "unbroken loop" : "passes through")}, {GoesOn(on)}",
        };
    }

    private string GoesOn(Lead lead) =>
        lead.LeavesBy is { } on && job.Runs.Find(on) is { } run && run.SidesIn(id).Any() ? Cable(on, run.SidesIn(id).First()) : NotFollowed;
}
