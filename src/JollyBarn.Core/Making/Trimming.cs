using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Planning.Ways;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>Trim: device by device its tab, its own leads, its terminals (load before line, ground, neutral, hot), screws, tape, flush and
/// square; then the plate. <em>Practice</em>.</summary>
internal static class Trimming
{
    public static void Steps(CardMaker card)
    {
        foreach (var (id, goal) in card.Goal.Devices.OrderBy(d => d.Value.Gang).ThenBy(d => d.Key))
        {
            Tab(card, id, goal);
            InHand(card, id, goal);
        }

        Joining.WithDevices(card);
        foreach (var (id, goal) in card.Goal.Devices.OrderBy(d => d.Value.Gang).ThenBy(d => d.Key))
        {
            Terminals(card, id, goal);
        }

        foreach (var (id, goal) in card.Goal.Devices.OrderBy(d => d.Value.Gang).ThenBy(d => d.Key))
        {
            if (card.Worked)
            {
                Closing(card, id, goal);
            }
        }

        Plates(card);
    }

    /// <summary>A tab that is broken off cannot be put back: it is done first, in the hand.</summary>
    private static void Tab(CardMaker card, Id<Device> id, Device goal)
    {
        var now = card.Box.Devices.Find(id);
        if (goal.BrokenTabs.Count == 0 || (now is not null && goal.BrokenTabs.All(now.BrokenTabs.Contains)))
        {
            return;
        }

        var step = CardMaker.Step(
            StepStage.Trim,
            StepCase.BreakTab,
            id,
            [],
            [],
            ("device", new Thing(ThingKind.Device, id)),
            ("kind", goal.Kind),
            ("tabs", goal.BrokenTabs)
        ) with
        {
            Final = true,
        };
        if (now is null)
        {
            card.Say(step);
        }
        else
        {
            card.Do(step, [new SetDevice(card.Id, id, BrokenTabs: goal.BrokenTabs)]);
        }
    }

    private static void InHand(CardMaker card, Id<Device> id, Device goal)
    {
        var now = card.Box.Devices.Find(id);
        if (now == goal)
        {
            return;
        }

        var set = new SetDevice(card.Id, id, goal.Name, goal.Depth, goal.Width, goal.BrokenTabs, goal.Turned);
        if (now is { } there && there.Kind == goal.Kind)
        {
            if (there.Gang != goal.Gang)
            {
                card.Do(
                    CardMaker.Step(StepStage.Trim, StepCase.Device, id, [], [], ("device", Thing.Device(id)), ("gang", goal.Gang)),
                    [new MoveDevice(card.Id, id, goal.Gang), set]
                );
            }
            else
            {
                card.Quietly(set);
            }

            return;
        }

        card.Do(
            CardMaker.Step(
                StepStage.Trim,
                StepCase.Device,
                id,
                card.Goal.Leads.Where(l => l.Value.Device == id).Select(l => l.Key),
                [],
                ("device", Thing.Device(id)),
                ("gang", goal.Gang)
            ),
            [new AddDevice(card.Id, id, goal.Kind, goal.Gang, goal.Name), set]
        );
    }

    private static void Terminals(CardMaker card, Id<Device> id, Device goal)
    {
        var kind = DeviceKinds.Find(goal.Kind);
        var ends = Joining.Open(card).Where(e => e.At.IsOn(id)).ToList();
        TerminalRole? Role(Landing at) => kind?.Terminals.FirstOrDefault(t => t.Id == at.Terminal)?.Role;
        foreach (
            var group in ends.GroupBy(e => Role(e.At) ?? TerminalRole.Hot).OrderBy(g => Order(card, g.Key, kind?.Protects == true)).ToList()
        )
        {
            card.Do(
                CardMaker.Step(
                    StepStage.Trim,
                    StepCase.Terminal,
                    $"{id}.{group.Key.ToString().ToLowerInvariant()}",
                    group.Select(e => e.Lead),
                    group.SelectMany(e => Items(card, e)),
                    ("device", Thing.Device(id)),
                    ("role", group.Key),
                    ("count", group.Count())
                ) with
                {
                    Touches = true,
                },
                group.SelectMany(e => Joining.Lay(card, e))
            );
        }
    }

    /// <summary>Load before line, so that what is left over can only be the feed; on each side ground, neutral, hot.</summary>
    private static int Order(CardMaker card, TerminalRole role, bool protects)
    {
        var side =
            !protects || !(role.IsLine() || role.IsLoad()) ? 0
            : role.IsLoad() == card.House.Says(PracticeBook.GfciOrder, "load") ? 1
            : 2;
        var kind =
            role == TerminalRole.Ground ? 0
            : role.IsNeutral() ? 1
            : 2;
        return role == TerminalRole.Ground ? 0 : (side * 3) + kind;
    }

    private static IEnumerable<StepItem> Items(CardMaker card, (Id<Lead> Lead, bool? Far, Landing At) end)
    {
        var about = Details.Of([("lead", Thing.Lead(end.Lead)), ("at", end.At)]);
        yield return new(ItemCase.Lead, about);
        if (card.Goal.Pigtails.Has(end.Lead) && !card.Box.Pigtails.Has(end.Lead))
        {
            yield return JointItems.ToCut(card, end.Lead);
        }

        yield return new(ItemCase.Strip, Details.None, Strips.Of(card.Goal, end.At, card.House));
        var spot = Strips.Spot(card.Goal, end.At);
        yield return StepItem.Of(
            spot switch
            {
                LandingKind.Screw => ItemCase.Hook,
                LandingKind.ClampPlate => ItemCase.UnderPlate,
                _ => ItemCase.IntoHole,
            }
        );
        if (spot is LandingKind.Screw or LandingKind.ClampPlate)
        {
            yield return StepItem.Of(ItemCase.Torque);
        }
    }

    private static void Closing(CardMaker card, Id<Device> id, Device goal)
    {
        var kind = DeviceKinds.Find(goal.Kind);
        CardStep Step(StepCase what, params IReadOnlyList<StepItem> items) =>
            CardMaker.Step(StepStage.Trim, what, id, [], items, ("device", Thing.Device(id))) with
            {
                Touches = true,
            };
        if (kind?.Terminals.Count > 0)
        {
            card.Say(Step(StepCase.Unused));
            if (card.House.Says(PracticeBook.Tape, "metal") && card.Goal.Material == BoxMaterial.Metal)
            {
                card.Say(Step(StepCase.Tape));
            }
        }

        if (goal.Gang > 0)
        {
            card.Say(Step(StepCase.Fix, StepItem.Of(ItemCase.Flush), StepItem.Of(ItemCase.Square)));
        }
    }

    private static void Plates(CardMaker card)
    {
        var worked = card.Worked;
        if (worked && card.Goal.Devices.Values.Any(d => d.Gang > 0) && !card.Goal.Parts.Values.Any(BringingIn.Outermost))
        {
            card.Say(CardMaker.Step(StepStage.Trim, StepCase.PlateOn, "", [], []));
        }

        foreach (var (id, part) in card.Goal.Parts.Where(p => BringingIn.Outermost(p.Value)).OrderBy(p => p.Value.Order))
        {
            var wet = PartKinds.Find(part.Kind)?.Fits == BoxShape.Weatherproof;
            var step = CardMaker.Step(
                StepStage.Trim,
                StepCase.PlateOn,
                id,
                [],
                wet ? [StepItem.Of(ItemCase.Gasket), StepItem.Of(ItemCase.Weather)] : [],
                ("part", new Thing(ThingKind.PartKind, part.Kind))
            );
            if (card.Box.Parts.Has(id))
            {
                if (worked)
                {
                    card.Say(step);
                }
            }
            else
            {
                card.Do(step, BoxNotes.Part(card, id, part));
            }
        }
    }
}
