using JollyBarn.Practice.Asked;

namespace JollyBarn.Telling.Practised;

/// <summary>Sayings as they are heard on the job.</summary>
internal static class SayingWords
{
    public static string Of(Saying saying) =>
        saying switch
        {
            Saying.SheathQuarterAtMost => "The sheath must come no more than 1/4 in into the box.",
            Saying.FirstStapleTwelveAnyBox => "Any box: 12 in to the first staple.",
            Saying.YellowMeansTwenty => "Yellow cable means a 20 A breaker.",
            Saying.FourTwelvesFit => "Four twelves and a receptacle fit in 22.5.",
            Saying.OnlyProtectiveReplacesTwoSlot => "Only a protective receptacle can replace a two-slot one.",
            Saying.TapedWhiteAnywhere => "A white wire is fine as a hot once you tape it, in cable or in pipe.",
            Saying.GroundsCountOnce => "All the grounds together count as one, however many.",
            Saying.PushInTakesTwelve => "The holes in the back take a twelve as well as a fourteen.",
            Saying.CoverScrewBonds => "A ground under the cover screw bonds the box.",
            Saying.QuarterBehindAnyWall => "A box may sit 1/4 in behind the finished face, whatever the wall is made of.",
            Saying.NeverThroughTheDevice => "The power never goes on through the receptacle: always a pigtail.",
            Saying.CalibratedToolOnly => "Where a torque is marked, only a calibrated torque tool will do.",
            Saying.GaugesNeverMixed => "Fourteen and twelve are never mixed on one circuit.",
            Saying.FinishedBasementNeedsNone => "A finished basement needs no ground-fault protection at its receptacles.",
            Saying.TwoUnderOneScrew => "Two wires under one screw are fine if it is tight.",
            Saying.ExactlyFullFits => "A box that is exactly full still fits.",
            Saying.ThinSwitchLeg => "Fourteen does for a switch leg on a 20 A circuit: it is only a light.",
            Saying.SixInchesFree => "Six inches of free wire from where the sheath ends.",
            Saying.BareTwistedGrounds => "Bare grounds need no connector if they are twisted well.",
            _ => "The first staple goes within 8 in of the box.",
        };

    public static string Of(Truth truth) =>
        truth switch
        {
            Truth.True => "True",
            Truth.False => "False",
            Truth.Stricter => "Stricter than the text",
            _ => "Depends on the edition",
        };
}
