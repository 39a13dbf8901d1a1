using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>What comes off and out first: plate, devices, leads, joints, pigtails, cables. <em>Practice</em>: nothing comes off before
/// it is marked.</summary>
internal static class TakingApart
{
    public static void Steps(CardMaker card)
    {
        if (card.Was is not { } was)
        {
            return;
        }

        var goal = card.Goal;
        var moved = Ends(was).Where(e => !Stays(card, e)).ToList();
        var opened = was.Joints.Ids.Where(j => Opened(was, goal, j)).ToList();
        var pulled = was.Devices.Ids.Where(d => was.Devices[d].Gang > 0 && !card.Ticked(StepCase.Device, d)).ToList();
        var inside = moved.Count > 0 || opened.Count > 0 || Comes(card, was, goal);
        if (inside && was.Devices.Count + was.Parts.Count > 0)
        {
            foreach (var part in was.Parts.Where(p => BringingIn.Outermost(p.Value) && !card.Ticked(StepCase.PlateOn, p.Key)))
            {
                PartOff(card, part.Key, StepCase.PlateOff);
            }

            if (pulled.Count > 0 && !was.Parts.Values.Any(BringingIn.Outermost))
            {
                card.Say(CardMaker.Step(StepStage.Apart, StepCase.PlateOff, "", [], []));
            }

            foreach (var device in pulled)
            {
                card.Say(
                    CardMaker.Step(StepStage.Apart, StepCase.PullOut, device, [], [], ("device", Thing.Device(device))) with
                    {
                        Touches = true,
                    }
                );
            }
        }

        foreach (var device in was.Devices.Ids)
        {
            OffDevice(card, was, device, [.. moved.Where(m => m.At.IsOn(device))]);
        }

        foreach (var joint in opened)
        {
            OpenJoint(card, was, joint);
        }

        Loose(card, [.. moved.Where(m => m.At.At is LandingAt.BondingScrew or LandingAt.Cap)]);
        foreach (var tail in was.Pigtails.Where(t => !goal.Pigtails.Has(t.Key)).Select(t => t.Key))
        {
            card.Do(
                CardMaker.Step(StepStage.Apart, StepCase.TailOut, tail, [tail], [], ("lead", Thing.Lead(tail))) with
                {
                    Touches = true,
                },
                [new RemovePigtail(card.Id, tail)]
            );
        }

        CablesOut(card);
        foreach (var part in card.Box.Parts.Ids.Where(p => !goal.Parts.Has(p)).ToList())
        {
            PartOff(card, part, StepCase.PartOff);
        }
    }

    /// <summary>Who lies in a joint: leads, and pigtails by their end.</summary>
    public static IReadOnlyList<(Id<Lead> Lead, bool? Far)> Members(Box box, Id<Joint> joint) =>
        [.. Ends(box).Where(e => e.At.IsIn(joint)).Select(e => (e.Lead, e.Far))];

    /// <summary>Every end of a lead or pigtail in the box; the far end of a piece that goes on is its own.</summary>
    public static IEnumerable<(Id<Lead> Lead, bool? Far, Landing At)> Ends(Box box) =>
        box
            .Leads.Where(l => l.Value.Form == LeadForm.Ended)
            .Select(l => (l.Key, (bool?)null, l.Value.Lands))
            .Concat(
                box.Pigtails.SelectMany(t =>
                    t.Value.Of is null
                        ? new[] { (t.Key, (bool?)false, t.Value.From), (t.Key, (bool?)true, t.Value.To) }
                        : [(t.Key, (bool?)true, t.Value.To)]
                )
            );

    /// <summary>Where an end is planned to lie; null where it is planned away.</summary>
    public static Landing? GoalOf(Box goal, Id<Lead> lead, bool? far) =>
        far switch
        {
            null => goal.Leads.Find(lead) is { Form: LeadForm.Ended } l ? l.Lands : null,
            true => goal.Pigtails.Find(lead)?.To,
            false => goal.Pigtails.Find(lead)?.From,
        };

    private static bool Stays(CardMaker card, (Id<Lead> Lead, bool? Far, Landing At) end) =>
        GoalOf(card.Goal, end.Lead, end.Far) == end.At
        && !(end.At.Device is { } device && card.Another(device))
        && !(end.At.Joint is { } joint && !card.Goal.Joints.Has(joint));

    private static bool Opened(Box was, Box goal, Id<Joint> joint) =>
        goal.Joints.Find(joint)?.Connector != was.Joints[joint].Connector
        || !Members(was, joint).Order().SequenceEqual(Members(goal, joint).Order());

    /// <summary>True where leads come in that are not there yet, or devices that are another kind.</summary>
    private static bool Comes(CardMaker card, Box was, Box goal) =>
        goal.Leads.Ids.Any(l => !was.Leads.Has(l))
        || was.Leads.Ids.Any(l => !goal.Leads.Has(l))
        || goal.Pigtails.Count != was.Pigtails.Count
        || goal.Devices.Ids.Concat(was.Devices.Ids).Any(card.Another)
        || goal.Kind != was.Kind;

    private static void PartOff(CardMaker card, string part, StepCase what)
    {
        var step = CardMaker.Step(StepStage.Apart, what, part, [], [], ("part", new Thing(ThingKind.PartKind, card.Box.Parts[part].Kind)));
        if (card.Goal.Parts.Find(part)?.Kind == card.Box.Parts[part].Kind)
        {
            card.Say(step);
        }
        else
        {
            card.Do(step, [new RemovePart(card.Id, part)]);
        }
    }

    private static void OffDevice(CardMaker card, Box was, Id<Device> device, List<(Id<Lead> Lead, bool? Far, Landing At)> off)
    {
        var gone = card.Another(device);
        if (!gone && off.Count == 0)
        {
            return;
        }

        var leads = off.Select(o => o.Lead).ToList();
        if (leads.Count > 1)
        {
            card.Say(
                CardMaker.Step(
                    StepStage.Apart,
                    StepCase.Mark,
                    device,
                    leads,
                    off.Select(o => StepItem.Of(ItemCase.MarkPlace, ("lead", Thing.Lead(o.Lead)), ("at", o.At))),
                    ("device", Thing.Device(device))
                ) with
                {
                    Touches = true,
                }
            );
        }

        card.Do(
            CardMaker.Step(StepStage.Apart, StepCase.TakeOff, device, leads, [], ("device", Thing.Device(device)), ("gone", gone)) with
            {
                Touches = true,
            },
            gone ? [new RemoveDevice(card.Id, device)] : off.Select(o => ToLoose(card.Id, o))
        );
    }

    private static void OpenJoint(CardMaker card, Box was, Id<Joint> joint)
    {
        var (goal, members) = (card.Goal, Members(was, joint));
        var leave = Ends(card.Box).Where(e => e.At.IsIn(joint) && !Stays(card, e)).Where(e => card.Was!.Joints.Has(joint)).ToList();
        var step = CardMaker.Step(
            StepStage.Apart,
            StepCase.OpenJoint,
            joint,
            members.Select(m => m.Lead).Where(l => card.Box.Leads.Has(l) || card.Box.Pigtails.Has(l)),
            [],
            ("joint", Thing.Joint(joint)),
            ("connector", new Thing(ThingKind.Connector, was.Joints[joint].Connector)),
            ("again", goal.Joints.Find(joint)?.Connector == was.Joints[joint].Connector)
        ) with
        {
            Touches = true,
        };
        if (!goal.Joints.Has(joint))
        {
            card.Do(step, [new RemoveJoint(card.Id, joint)]);
        }
        else if (leave.Count > 0)
        {
            card.Do(step, leave.Select(e => ToLoose(card.Id, e)));
        }
        else
        {
            card.Say(step);
        }
    }

    /// <summary>What comes off the box's own screw, or from under a cap.</summary>
    private static void Loose(CardMaker card, List<(Id<Lead> Lead, bool? Far, Landing At)> off)
    {
        var still = off.Where(o => Ends(card.Box).Contains(o)).ToList();
        card.Do(
            CardMaker.Step(StepStage.Apart, StepCase.TakeOff, "", still.Select(o => o.Lead), [], ("gone", false)) with
            {
                Touches = true,
            },
            still.Select(o => ToLoose(card.Id, o))
        );
    }

    private static Edit ToLoose(Id<Box> box, (Id<Lead> Lead, bool? Far, Landing At) end) =>
        end.Far is { } far ? new LandPigtail(box, end.Lead, far, Landing.Loose) : new MoveLead(box, end.Lead, Landing.Loose);

    private static void CablesOut(CardMaker card)
    {
        foreach (var (id, run) in card.Now.Runs.Where(r => r.Value.SidesIn(card.Id).Any()).ToList())
        {
            var side = run.SidesIn(card.Id).First();
            var then = card.Planned.Runs.Find(id);
            if (then?.End(side).IsIn(card.Id) == true)
            {
                continue;
            }

            var subject = Subjects.CableEnd(id, side);
            var step = CardMaker.Step(
                StepStage.Apart,
                StepCase.CableOut,
                subject,
                card.Box.Leads.Where(l => l.Value.Run == id && l.Value.Side == side).Select(l => l.Key),
                [],
                ("cable", new Thing(ThingKind.Cable, subject)),
                ("to", then?.End(side).Box is { } far ? new Thing(ThingKind.Box, far) : null)
            ) with
            {
                Touches = true,
            };
            var to = then?.End(side);
            Edit[] edits =
                to is { Box: { } box, Entry: { } entry } && card.Now.Boxes.Has(box)
                    ? [new MoveRunEnd(card.Id, id, side, box, entry, card.Planned.Boxes[box].Entries.Find(entry)?.Side ?? EntrySide.Top)]
                    : [new RemoveCable(card.Id, id)];
            card.Do(step, edits);
        }
    }
}
