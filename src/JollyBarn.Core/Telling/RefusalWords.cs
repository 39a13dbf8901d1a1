using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Telling.Facts;
using JollyBarn.Telling.History;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A refusal in words.</summary>
/// <param name="Says">One sentence: what is wrong and what to do.</param>
/// <param name="Field">The field it is about.</param>
public sealed record ToldRefusal(string Says, string? Field = null);

/// <summary>What each reason to refuse says.</summary>
public static class RefusalTeller
{
    private static readonly Names NoNames = new(Job.Blank(""));

    private static readonly Dictionary<Why, Line> Words = new()
    {
        [Why.AmendedByWhom] = "Say who amended it and where that is written, in at most 200 characters.",
        [Why.AmendedTooFar] = "An amended number is between 0 and 10000.",
        [Why.CountRange] = "This is a whole number from 0 to {most}.",
        [Why.AtMostEach] = "At most {most} of each.",
        [Why.BatchInBatch] = "A batch holds edits, not batches.",
        [Why.BatchSize] = "A batch has 1 to {most} edits.",
        [Why.BreakerRating] = "A breaker is rated over 0 and at most 400 A.",
        [Why.BreakerSlot] = "A breaker stands in slot 1 to {slots} and has 1 to 3 poles.",
        [Why.CableComesIn] = "A cable comes in here. Move it first.",
        [Why.CableIdTooLong] = "The id of a cable is at most 58 characters, so that its leads can be named after it.",
        [Why.CablesEndHere] = "Cables still end at {panel}.",
        [Why.Celsius] = "Conductors are between −50 and 150 °C.",
        [Why.ChangeClosed] = "{change} is closed.",
        [Why.ChangedSince] = "What this would put back has been changed since.",
        [Why.ChooseTwoPoints] = "Choose two points of the job.",
        [Why.ClampChoices] = "Clamps are internal, outside or flap.",
        [Why.ClosedAlready] = "{change} is closed already.",
        [Why.GroundLead] = "A ground lead comes and goes with its cable: take the cable out, and bring it in again with its ground.",
        [Why.ColourEach] = "Give a colour for each conductor, or none.",
        [Why.CopiedCableTaken] = "The copied cable would be called {id}, which is taken or too long. Choose another id.",
        [Why.DeviceIdTooLong] = "The id of a device is at most 40 characters, so that its leads can be named after it.",
        [Why.DevicesStandHere] = "Devices stand in this ring or cover. Take them out first.",
        [Why.DevicesWithoutKind] = "Say of which kind each device is, to keep the box.",
        [Why.DoneAlready] = "That is recorded as done already.",
        [Why.EmptyFault] = "A fault here is empty.",
        [Why.EmptyLine] = "Line {line} says nothing.",
        [Why.PassesThrough] = "Conductors of it pass through the box unbroken: cut them first.",
        [Why.CableIsHere] = "The cable comes into this box already.",
        [Why.CableComesBack] = "Both ends of the cable are in one box: take one out first.",
        [Why.PastItsEnd] = "The cable is {length} long: the place lies past its end.",
        [Why.ManyHurts] = "A cable has at most {most} such places.",
        [Why.EndTaken] = "That end of the cable is somewhere already.",
        [Why.EntryOrder] = "An entry's order along its side is 0 to 60.",
        [Why.FaultOhms] = "A fault's resistance is between a tenth of a milliohm and a gigaohm.",
        [Why.FaultWhere] = "Say where it lies instead.",
        [Why.FaultWhich] = "A fault comes and goes; say which.",
        [Why.FaultsTogether] = "One to {most} single faults are made together.",
        [Why.FileCable] = "A lead of {box} belongs to a cable that is not in the file.",
        [Why.FileDamaged] = "The history does not lead to the present: the file was changed by hand or is damaged.",
        [Why.FileEmpty] = "The file is empty.",
        [Why.FileEnd] = "A cable ends in a box or panel that is not in the file.",
        [Why.FileJobId] = "The job's id is not an id. " + Ids.Rule,
        [Why.FileLanding] = "In {box} something lands where nothing is.",
        [Why.FileLineId] = "A line of the history has no good id. " + Ids.Rule,
        [Why.FileOfAnotherJob] = "This file is of another job than the one it should replace.",
        [Why.FilePlace] = "{box} is in a place that is not in the file.",
        [Why.FileText] = "A text of the file is longer than {most} characters, or holds characters that cannot be shown.",
        [Why.FileTwice] = "Two lines of the history have the same id.",
        [Why.FileUnknownKind] = "Something in the file is not of a kind this program knows.",
        [Why.FileUnreadable] = new(f => Unreadable(f)),
        [Why.FireRating] = "A fire rating is between 0 and 12 hours.",
        [Why.FourAtMost] = "A box has 0 to 4 of each.",
        [Why.GangsTaken] = "Its devices reach to gang {gang}; {kind} opens to {opens}. Take devices out first.",
        [Why.GoesOn] = "The {colour} conductor goes on unbroken. Cut it first.",
        [Why.NoSuchOperation] = "There is no such operation in the table of minutes.",
        [Why.TimedRange] = "Minutes, and how many it was, lie above 0 and up to {most:0}.",
        [Why.StockAmount] = "Amounts of {part} are from 0 to {most:0}, and a pack holds more than none.",
        [Why.StockLines] = "From one line to {most:0} at a time.",
        [Why.StockPart] = "No part is called {part}: write what it is of and which, as box.nm-1g-18.",
        [Why.WishLength] = "A way is from 0 to 1000 ft long, and 500 of them are told at most.",
        [Why.WishNeeds] = new(f => $"Say which {(f.Get<What>("what") == What.Cable ? "cable" : "box")} it is about."),
        [Why.NoBoxSize] = "The size of this box is not known: take a kind whose width and height are.",
        [Why.MarkTooFar] = "A tape is held to this: between 0 and 100 ft.",
        [Why.WishAmperes] = "A breaker for a new branch circuit has 10 to {most:0} A.",
        [Why.WishWeight] = "What a thing is worth lies between 0 and {most:0}.",
        [Why.CsvColumns] = "The first row names the columns: part, van, shop, price, pack and pieces.",
        [Why.CsvNumber] = "Line {line:0}: {text} is no number.",
        [Why.HoursOfDay] = "Hours on end: from 0 to 24.",
        [Why.IdTaken] = "There is already something with the id {id}.",
        [Why.InBox] = "{box}: {inner}",
        [Why.Hands] = "How many work at once: 1 to {most}.",
        [Why.InspectionLines] = "What passed has nothing to mend; what did not has at most {most} lines.",
        [Why.MakeNotWhole] = "Not everything in {box} is recorded: a make with a hole in it is none.",
        [Why.ManyPatterns] = "At most {most} standard makes.",
        [Why.InTheBin] = "{box} is in the bin. Bring it back first.",
        [Why.InsideRange] = "A box measures 0 to 200 in inside.",
        [Why.JobMoved] = "The job was put in the bin, brought back or replaced just now. Look again, and do it again if it still holds.",
        [Why.JobThere] = "There is a job with this id already, perhaps in the bin. Replace it, or copy under a new id.",
        [Why.KeptTooMuch] = "Kept are kind, mark, size, clamps, fittings, cables, parts and devices; put the rest in at the box.",
        [Why.LengthRange] = "A length here is 0 to 500 feet.",
        [Why.ListSize] = "A list has 1 to {most} lines.",
        [Why.ManyPictures] = "The pictures of this job would be more than {most} MB. Take some away first.",
        [Why.NotAnExercise] = "This job is real work, nothing to practise on.",
        [Why.OtherExercise] = "Another version of the program made this exercise, and cannot be asked how it was meant. Begin a new one.",
        [Why.NoDrillOf] = "There is no box to practise {rule} on yet.",
        [Why.HuntEnded] = "This hunt is over: what it is was said already.",
        [Why.OverBudget] = "The budget does not bear that test any more. Make a cheaper one, or say what it is.",
        [Why.ClassClosed] = "This class is closed: answers are not taken any more.",
        [Why.NoSuchRoom] = "No class has this code. Look at it again: it has six letters.",
        [Why.RoomFull] = "All {most} places are taken.",
        [Why.LearnerSits] = "Somebody of this name sits here already. Add a letter, or ask the teacher to let you in again.",
        [Why.NotSeated] = "Sit down first: with the code on the wall and your name.",
        [Why.Answered] = "That was answered already, and the first answer counts.",
        [Why.NotOnPaper] = "That is work on the Bench, nothing to answer.",
        [Why.ManyClasses] = "There are {most} classes. Take one away first.",
        [Why.SheetStays] = "Somebody sits over this sheet: it stays as it is. Open another class for another sheet.",
        [Why.OwnOptions] = "A question has 2 to {most} answers.",
        [Why.OwnAlike] = "Two of the answers are the same.",
        [Why.OwnRight] = "Say which answer is right.",
        [Why.MadeByProgram] = "The program makes this itself, for undo, the bin and files; it cannot be posted.",
        [Why.OtherDoer] = "This says that {doer} did it, and comes from {by}: one person does one edit.",
        [Why.NobodyYet] = "Say who you are: your name, and not \"me\".",
        [Why.HeldBreaker] = "Breaker {slot} is held off by {by}: it is switched or let go by them, not written anew.",
        [Why.ManyAmendments] = "At most 200 amendments.",
        [Why.ManyConductors] = "A cable has at most {most} conductors.",
        [Why.ListTooLong] = "That is over half a million characters; take in the list alone.",
        [Why.ManyHeld] = "At most {most} leads are picked at once, and what they make needs an id.",
        [Why.ManyEntries] = "Sixty entries on one box is the most.",
        [Why.ComplaintClosed] = "It is closed: open it again to go on.",
        [Why.StillOpen] = "It is still open.",
        [Why.LiesApart] = "What was taken off still lies apart at {count} cable ends: put it back first, or say that it is.",
        [Why.ManyApart] = "At most {most} cable ends and devices at once.",
        [Why.ManyObserved] = "At most {most} observations of one trouble.",
        [Why.ManyFaults] = "At most {most} faults at once.",
        [Why.ManyLayers] = "A wall has at most 20 layers.",
        [Why.ManyThings] = "A wall holds at most {most} things.",
        [Why.ManyLeads] = "Four hundred leads in one box is the most.",
        [Why.ManyParts] = "A dozen parts on one box is the most.",
        [Why.ManyPigtails] = "A hundred pigtails in one box is the most.",
        [Why.ManyPractices] = "At most 50 practices.",
        [Why.ManyPreviews] = "At most {most} edits are previewed at once.",
        [Why.ManyVolts] = "A reading here is at most 1000 V.",
        [Why.MarkRange] = "A volume mark is over 0 and at most 5000 in³.",
        [Why.Missing] = new(f => $"There is no {ChoiceWords.What(f.Get<What>("what"))} {f["id"]} here."),
        [Why.NailRange] = "A nail goes through conductors 0 to 30.",
        [Why.NeedsAnswer] = "This needs an answer.",
        [Why.NeedsName] = "A name is needed here.",
        [Why.NeedsValue] = "This needs a value.",
        [Why.NewerFile] =
            "This file is of format version {version}; this program reads up to {reads}. "
            + "Update the program, or export the job as an older version.",
        [Why.NoBondingScrew] = "A nonmetallic box has no bonding screw.",
        [Why.NoSuchGroundingPlace] = "The box has no grounding hole or clip {place}.",
        [Why.GroundingPlacesRange] = "A box has 1 to 4 tapped holes for grounding screws, and 0 to 4 clips.",
        [Why.PartOfALead] = "This is the further part of a lead: move the lead, or the end of this.",
        [Why.GoesOnFromNowhere] = "A lead goes on from a joint, a terminal or a grounding screw that it lies on, to another place.",
        [Why.NoBoxInRoom] = "There is no box in this room yet.",
        [Why.NoEndHere] = "This conductor goes on unbroken; it has no end here to land. Cut it first.",
        [Why.NoOpening] = "This box has no device opening. Put on a ring or cover that has one.",
        [Why.NoSuchBoxKind] = "There is no kind of box {kind}.",
        [Why.NoSuchBreaker] = "There is no such breaker.",
        [Why.NoSuchChange] = "There is no such Change.",
        [Why.NoSuchClosing] = "There is no such version of closing.",
        [Why.NoSuchEdition] = $"The editions are {string.Join(", ", Enum.GetValues<Edition>().Select(e => (int)e))}.",
        [Why.NoSuchJob] = "There is no such job.",
        [Why.NoSuchNumber] = "The book has no number called {key} in this edition.",
        [Why.NoSuchPlace] = new(f => $"A {Names.DeviceKind(f["kind"])} has no place {f["place"]}."),
        [Why.NoSuchPractice] = "There is no such question of house practice.",
        [Why.NoSuchSpace] = "The box has no such space.",
        [Why.NoSuchTab] = "This device has no such tab.",
        [Why.NoVersionSaid] =
            "base is missing: this writes all of a record anew, so say which version of the job you saw, a whole number up to {version}.",
        [Why.NoSuchVersion] = "The job is at version {version}; there is no version {seen}.",
        [Why.NoValueHere] = "Unknown and not applicable carry no value.",
        [Why.NotAChoice] = "This is not one of the choices.",
        [Why.NotAJob] = "This is not a Jolly Barn job: its format is {format}.",
        [Why.NotAnOutlet] = "Nothing hangs there: choose a receptacle, a light or a fan of the box.",
        [Why.LooksAtItself] = "What goes dead at another box is asked: the opened box itself tells nothing.",
        [Why.SharesNeutral] = "Two breakers share a cable and its neutral there: say in the panel which hot lands on which.",
        [Why.NotALength] = "A length: write 2 7/8, 2.875 or 73 mm, from 0 to 500 feet.",
        [Why.NotANumber] = "A number of {unit}, 0 to 30000.",
        [Why.NotATime] = "A time is written like 2026-09-14T08:10:00Z.",
        [Why.NotAnAnswer] = new(f => $"Choose one of: {Answers(f.Get<FactKey>("question")!)}."),
        [Why.NotAnEnd] = "Passing through or a loop is meant here.",
        [Why.NotAnId] = "\"{id}\" is not an id. " + Ids.Rule,
        [Why.NotDoneYet] = new(f => NotDone(f.Get<int>("count"), f.Get<PlannedStep>("first")!)),
        [Why.NotForRooms] = "Kind, mark, size, clamps, fittings, contents, room or note can be set for a whole room.",
        [Why.NotInTheBin] = "{box} is not in the bin.",
        [Why.NotLaidThere] = "That instrument is not laid between two points.",
        [Why.NotOfThatProof] = "A reading of a proof is of its box, by its person, with its instrument.",
        [Why.NotShowable] = "This holds characters that cannot be shown.",
        [Why.NotTakenBack] = "Only an end at a panel or at something fixed is taken back here; out of a box a cable is pulled.",
        [Why.NotThatChoice] = "{Of}: choose one of {choices}.",
        [Why.NotThatNumber] = "{Of}: a number over 0, at most {most}.",
        [Why.NotWorkButChange] = "A Change plans work on boxes and runs, not other Changes.",
        [Why.NotWorkButList] = "Rulings, lists and pictures belong to the job, not to a Change.",
        [Why.NotWorkButReading] = "Readings, proofs and switched breakers are recorded as they happen, not in a Change.",
        [Why.NothingAtAddress] = new(f => $"There is no {ChoiceWords.What(f.Get<What>("what"))} at this address."),
        [Why.NothingHere] = "There is no such thing in this box as \"{id}\" to ask this about.",
        [Why.NothingThere] = "There is no such thing in {panel} as \"{id}\" to ask this about.",
        [Why.NothingToRedo] = "There is nothing to redo.",
        [Why.NothingToUndo] = "There is nothing of yours left to undo.",
        [Why.OneEditAtATime] = "One edit is judged at a time.",
        [Why.PanelSlots] = "A panel has 1 to 84 slots.",
        [Why.PartitionBetween] = "A partition stands between two gangs of the box.",
        [Why.PartitionChoices] = "A partition is metal or nonmetallic.",
        [Why.PartitionThere] = "There is a partition there already.",
        [Why.PictureCutShort] = "The picture is cut short.",
        [Why.PictureDamaged] = "The picture is damaged.",
        [Why.PinOutside] = "A pin lies in its picture: 0 to 1000 thousandths across and down.",
        [Why.ManyPins] = "{most} pins in one picture are the most.",
        [Why.PictureName] = "A picture is named by its SHA-256.",
        [Why.PictureNotJpeg] = "This is not a JPEG picture, whatever it is called.",
        [Why.PictureSides] = "A picture here is at most {most} by {most} points.",
        [Why.PictureSize] = "A picture has a size.",
        [Why.PictureTooLarge] = "The picture is over 6 MB. Take it smaller.",
        [Why.PlaceUsed] = "{place} still has {count} boxes, walls or panels in it, some perhaps in the bin. Move them first.",
        [Why.PlannedNoLongerGoes] = "A planned edit no longer goes: {inner}",
        [Why.PluggedTooMuch] = "What is plugged in takes at most {most} W.",
        [Why.PrintedCounts] = "Printed counts are 0 to 200 by gauge, such as 14: 9.",
        [Why.ProofEnded] = "That proof has ended. Begin a new one.",
        [Why.ProofInVolts] = "A reading of a proof is in volts, or says nothing or something.",
        [Why.ProvesNothing] = "A {instrument} alone is no proof of dead. Take a meter or a two-pole tester.",
        [Why.ReadingsAlone] = "Each reading of a proof is written down on its own.",
        [Why.RulingNamed] = "This ruling says already what it is about.",
        [Why.SameCable] = "A conductor passes from one run to another.",
        [Why.SpotNeedsWall] = "A place on a wall needs the wall.",
        [Why.TapeCircle] = "It would be measured from itself: hold the tape to a corner, the floor or the ceiling.",
        [Why.TapesHeld] = "Other things are measured from it ({count}): measure those from elsewhere first.",
        [Why.TapeStart] =
            "Across, a tape is held to a corner or to something on the wall; up, to a floor, the ceiling or something on the wall.",
        [Why.StandsThere] = new(f => $"The {Names.DeviceKind(f["device"])} stands there already."),
        [Why.StepWithoutProof] = "A step of a proof names its proof.",
        [Why.StillHeld] = new(f =>
            $"{f["by"]} still hold{(f.Get<int>("count") == 1 ? "s" : "")} this breaker off. It goes on when everyone has let go."
        ),
        [Why.SwitchesNothing] = new(f => $"The {(f.Has("name") ? f["name"] : Names.DeviceKind(f["kind"]))} switches nothing."),
        [Why.TakesNoGang] = "This hangs on the box and takes no gang; give gang 0.",
        [Why.TooFewGangs] = new(f =>
            $"The opening has {f["opens"]} gang{(f.Get<int>("opens") == 1 ? "" : "s")}; this needs gang {f["from"]} to {f["to"]}."
        ),
        [Why.TooLong] = "This is over {most} characters; say it shorter.",
        [Why.TwoInASlot] = "Slot {slot} holds two breakers: only a tandem has two, an upper half and a lower.",
        [Why.TwoPoints] = "Two points are needed.",
        [Why.WhichStep] = "Say which step of the proof this is.",
        [Why.WhoMakesIt] = "Say who makes the edit, in at most 80 characters.",
        [Why.ZipDamaged] = "This zip is damaged.",
        [Why.ZipPicture] = "A picture in this zip is damaged or not what its name says: {name}.",
        [Why.ZipTooLarge] = "Unpacked, this file is too large.",
        [Why.ZipWithoutJob] = "There is no job.json in this zip.",
    };

    /// <summary>Reasons that have words.</summary>
    public static IEnumerable<Why> Reasons => Words.Keys;

    public static ToldRefusal Tell(this Refusal refusal) => new(Says(refusal), refusal.Field);

    private static string Says(Refusal refusal)
    {
        var about = refusal.Inner is { } inner ? Details.Of([.. Named(refusal.About), ("inner", Says(inner))]) : refusal.About;
        return Words[refusal.Why].Make(new(about, NoNames));
    }

    private static (string, object?)[] Named(Details details) => [.. details.Names.Select(n => (n, details[n]))];

    private static string Answers(FactKey question) => string.Join(", ", FactWords.Choices(question).Select(c => c.Name));

    private static string NotDone(int count, PlannedStep first) =>
        $"Planned and neither done nor dropped: {count}, first {first.Edit.Tell(first.Before)}. "
        + $"Record or drop {(count == 1 ? "it" : "them")} first.";

    private static string Unreadable(Filling f)
    {
        var line = f.Has("line") ? $" Line {f["line"]}." : "";
        return f.Has("path") ? $"Something cannot be read at {f["path"]}.{line}" : $"This is not a readable job file.{line}";
    }
}
