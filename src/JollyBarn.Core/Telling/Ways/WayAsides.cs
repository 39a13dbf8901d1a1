using JollyBarn.CodeBook;
using JollyBarn.Planning.Ways;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Ways;

/// <summary>What is said beside a way: what to look at first, what is settled before, what it spoils, how it goes along a wall.</summary>
internal static class WayAsides
{
    public static string Open(WayOpen open) =>
        open switch
        {
            WayOpen.Under => "Look whether one gets under the floor between the two.",
            WayOpen.Wall => "Look into the wall where it is cut, from both faces: nobody has, or something there is not known.",
            WayOpen.Slack => "Pull at the cable on both sides: how much slack is there?",
            WayOpen.PanelLabel => "Read the label of the panel: does it name this breaker, and take it in this slot?",
            WayOpen.Feed => "Nobody followed where its power comes from: follow the cable, or find its breaker.",
            _ => "The length of the way is a guess: measure it.",
        };

    public static string Damage(Job job, WayDamage damage) =>
        damage.What switch
        {
            Spoilt.NewHole => $"{WayWords.Count(damage.Holes, "hole", "holes")} for the new box",
            Spoilt.BoxOut => $"the wall round {WayWords.Count(damage.Holes, "box", "boxes")} taken out",
            Spoilt.Opened => $"the wall opened beside {WayWords.Count(damage.Holes, "box", "boxes")} nailed to the stud",
            Spoilt.Studs => $"{WayWords.Count(damage.Holes, "stud", "studs")} drilled where it is fished across",
            Spoilt.Across => $"{WayWords.Count(damage.Holes, "hole", "holes")} where it is fished across studs, "
                + $"one every {WayBook.HoleEvery.Of(job.Practice):0.#} ft",
            _ => "the raceway is seen: half a hole",
        };

    public static string Notice(WayNotice notice) =>
        notice switch
        {
            WayNotice.Licensed => "Work in a panel: a licensed electrician does it.",
            WayNotice.Permit => "New wiring: ask the office for a permit, and when it wants to see it before it is covered.",
            _ => "Call before digging: what lies there is marked first.",
        };

    /// <summary>A way along a wall that is laid out.</summary>
    public static string Along(WallWay wall)
    {
        var studs = wall.Studs.Count + wall.Guessed;
        return $"{wall.Way} along the wall"
            + (
                studs == 0
                    ? ", in one bay"
                    : $", through {studs} stud{(studs == 1 ? "" : "s")} {wall.Level} over the floor"
                        + (wall.Guessed > 0 ? $", {wall.Guessed} of them guessed" : "")
            )
            + (wall.Sure ? "" : ", by numbers of which some are guessed");
    }
}
