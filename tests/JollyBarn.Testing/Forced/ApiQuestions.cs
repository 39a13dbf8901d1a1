using System.Text.Json.Nodes;

namespace JollyBarn.Testing.Forced;

/// <summary>Questions of every operation of the API, by its own document: each is asked as it is, and spoilt.</summary>
public static class ApiQuestions
{
    public const string Job = "/api/jobs/{job}";
    public const string Box = Job + "/boxes/{box}";

    /// <summary>The OpenAPI document as it was built.</summary>
    public static JsonObject Document { get; } =
        JsonNode.Parse(File.ReadAllText(Path.Combine(Checkout.Root, "docs", "api", "openapi.json")))!.AsObject();

    /// <summary>Questions of every operation: the operation, what follows it, what is sent, and the status of the answer.</summary>
    public static IReadOnlyList<(string Operation, string Query, string? Body, int Status)> All { get; } =
    [
        ("get /api/catalogue", "", null, 200),
        ("get /api/limits/{edition}", "", null, 200),
        ("get /api/jobs", "", null, 200),
        ("get /api/jobs", "?binned=true", null, 200),
        ("get " + Job, "", null, 200),
        ("get " + Job + "/today", "", null, 200),
        ("get " + Job + "/sheet", "", null, 200),
        ("get " + Job + "/panels/{panel}/directory", "", null, 200),
        ("get " + Job + "/walk", "?by=Ines", null, 200),
        ("get " + Job + "/boxes", "", null, 200),
        ("get " + Job + "/boxes", "?find=bench", null, 200),
        ("get " + Box, "", null, 200),
        ("get " + Box, "?version=40", null, 200),
        ("get " + Box, "?change=bench-row&state=Planned", null, 200),
        ("get " + Box, "?change=bench-row&state=AsFound", null, 200),
        ("get " + Box + "/instead", "", null, 200),
        ("get " + Box + "/steps", "?take=5", null, 200),
        ("get " + Box + "/survey", "?newId=n1", null, 200),
        ("get " + Box + "/held", "", null, 200),
        ("get " + Job + "/labels", "", null, 200),
        ("get " + Job + "/order", "", null, 200),
        ("get " + Job + "/loads", "", null, 200),
        ("post " + Job + "/may-run", "", """{"box":"press-left","device":"r1","watts":1500,"hours":6}""", 200),
        ("post /api/mark", "", """{"inside":"21 5/8","height":"12","kind":"ow-1g-18","wider":"5/8","toCome":"3/4"}""", 200),
        ("get " + Job + "/walls/{wall}", "?by=Mara", null, 200),
        ("get /api/practice/fill", "?seed=7&level=3", null, 200),
        (
            "post /api/practice/fill/marked",
            "",
            """{"seed":7,"level":3,"edition":"Nec2023","try":{"rows":[],"needed":16,"available":18,"fit":"Fits"}}""",
            200
        ),
        ("post /api/practice/record", "", """{"record":[],"graded":[{"skill":"FillGrounds","grade":"Good"}],"today":"2026-10-05"}""", 200),
        ("get /api/practice/asked", "?of=Sizes&seed=7&level=3", null, 200),
        ("post /api/practice/asked/marked", "", """{"of":"Heard","seed":7,"level":3,"edition":"Nec2023","answer":1}""", 200),
        ("post /api/practice/bench", "", """{"kind":"Spot","seed":7,"level":2,"edition":"Nec2020"}""", 200),
        ("get /api/practice/bench/{exercise}", "", null, 200),
        ("post /api/practice/bench/{exercise}/spot", "", """{"said":[{"part":"box","rule":"fill","severity":"Fix"}]}""", 200),
        ("get /api/practice/sheets", "?kinds=Count&kinds=Boxes&kinds=Heard&kinds=Shows&level=2&items=4&seed=5&learners=2", null, 200),
        ("get /api/practice/picture", "?of=Spot&seed=7&level=2", null, 200),
        ("post /api/practice/makes/{make}/done", "", null, 200),
        ("get /api/classes", "", null, 200),
        (
            "post /api/classes/{class}",
            "",
            """
            {"name":"Evening","sheet":{"kinds":["Heard","Count"],"level":1,"items":2,"seed":7,"edition":"Nec2023"},"shown":"AtTheEnd",
            "own":[{"id":"q1","after":1,"asks":"Which?","options":["this","that"],"right":1,"why":""}],
            "bench":[{"id":"b1","name":"Bench","job":"{job}","box":"{box}","points":[{"id":"sheath","limit":0.25,"most":false}]}]}
            """,
            200
        ),
        ("get /api/classes/{class}", "", null, 200),
        ("post /api/classes/{class}/closed", "", """{"closed":false}""", 200),
        ("post /api/classes/{class}/learners/{learner}/let-in", "", null, 200),
        ("get /api/classes/{class}/sheets", "?learners=2", null, 200),
        ("get " + Box + "/bench-list", "", null, 200),
        ("get /api/classes/{class}/bench/{task}/learners/{learner}", "", null, 200),
        (
            "post /api/classes/{class}/bench/{task}/learners/{learner}",
            "",
            """{"found":[{"point":"sheath","holds":null,"tape":"3/8"}],"seconds":20}""",
            200
        ),
        ("get /api/rooms/{code}", "", null, 200),
        ("post /api/rooms/{code}/learners", "", """{"name":"Ines","token":"abcdefghijklmnopqrstuvwx"}""", 200),
        ("get /api/rooms/{code}/sheet", "", null, 401),
        ("post /api/rooms/{code}/items/{item}/answer", "", """{"answer":{"option":1},"seconds":3}""", 401),
        ("post /api/rooms/{code}/items/{item}/bench", "", null, 401),
        ("get /api/practice/hunts/{hunt}", "", null, 200),
        ("post /api/practice/hunts/{hunt}/tests", "", """{"test":"||False||||~Outlet~own:b1/l.hot~own:b1/l.neutral~~","by":"Mara"}""", 200),
        ("post /api/practice/hunts/{hunt}/claim", "", """{"fault":"b0|NailThrough|cable=Cable:r0.a","by":"Mara"}""", 200),
        ("post /api/trench", "", """{"along":"40'","over":"Soil","raceway":"Plastic","guarded":true,"post":"18","frost":"36"}""", 200),
        ("get /api/wishes", "?words=more%20outlets%20here", null, 200),
        ("post " + Job + "/ways", "", """{"kind":"AddDevice","box":"press-left","device":"receptacle","weights":{"way.rate":60}}""", 200),
        ("post " + Job + "/ways/as-found", "", """{"kind":"ReplaceDevice","box":"east-bed"}""", 200),
        ("post " + Job + "/outcome", "", """{"edit":{"do":"renameBox","box":"press-left","name":"Press, left side"}}""", 200),
        ("get " + Job + "/stock", "", null, 200),
        ("get " + Job + "/weights", "", null, 200),
        ("get " + Job + "/hurts", "", null, 200),
        ("get " + Job + "/shopping", "", null, 200),
        ("post " + Job + "/labels/print", "", """{"boxes":["window","east-bed"]}""", 200),
        ("get /api/label-tray", "", null, 200),
        ("get " + Job + "/changes/{change}/outcome", "", null, 200),
        (
            "post " + Job + "/sheet/draw",
            "",
            """{"from":{"rail":"panel/1","stop":"b:press-left"},"to":{"rail":"panel/4"},"run":"r-drawn"}""",
            200
        ),
        ("get " + Box + "/difference", "?change=bench-row&from=AsFound&to=Planned", null, 200),
        ("get " + Box + "/proof", "?by=Ines", null, 200),
        ("get " + Box + "/breaker", "?by=Ines&helped=true", null, 200),
        ("get " + Box + "/photos", "", null, 200),
        ("get " + Box + "/remedies", "?rule={rule}&of={of}", null, 200),
        ("get " + Job + "/open-ends", "", null, 200),
        ("get " + Job + "/log", "?take=30", null, 200),
        ("get " + Job + "/log", "?by=nobody", null, 200),
        ("get " + Job + "/changes", "", null, 200),
        ("get " + Job + "/changes/{change}/steps/{step}", "", null, 200),
        ("get " + Job + "/changes/{change}/boxes/{box}/card", "?by=Ines", null, 200),
        ("get " + Job + "/changes/{change}/boxes/{box}/tests", "", null, 200),
        ("get " + Job + "/changes/{change}/stages", "?by=Ines", null, 200),
        ("get " + Job + "/outage", "?start=2026-10-05T09:00:00Z&hands=2", null, 200),
        ("get " + Job + "/changes/{change}/handover", "", null, 200),
        ("get " + Job + "/troubles", "", null, 200),
        ("get " + Job + "/troubles/{trouble}", "?by=Ines&instruments=meter,pen&opens=false", null, 200),
        ("get " + Job + "/troubles/{trouble}/weighing", "?by=Ines&instruments=meter", null, 200),
        ("get " + Job + "/troubles/{trouble}/noticed", "", null, 200),
        ("get " + Box + "/looks", "", null, 200),
        ("post " + Job + "/troubles/{trouble}/stand-in", "", """{"look":{"kind":"Warmth","at":"b"}}""", 200),
        ("get " + Job + "/acceptance", "?change=bench-row&instruments=plug-in", null, 200),
        ("get " + Job + "/patterns", "", null, 200),
        ("post " + Job + "/patterns/{pattern}/try", "", """{"boxes":["press-left"]}""", 200),
        ("get " + Job + "/stops", "", null, 200),
        ("get " + Job + "/verdicts", "", null, 200),
        ("get " + Job + "/supply", "", null, 200),
        ("get " + Job + "/readings", "", null, 200),
        ("get " + Job + "/reports", "", null, 200),
        ("post /api/fill", "", """{"kind":"nm-1g-18","cables":[{"count":3,"gauge":"14","conductors":2}]}""", 200),
        ("post /api/fill", "", """{"kind":"shoe"}""", 422),
        ("post /api/fill/instead", "", """{"kind":"nm-1g-14","cables":[{"count":4,"gauge":"12","conductors":2}]}""", 200),
        ("post " + Box + "/gestures", "", """{"leads":["{lead}"]}""", 200),
        ("post " + Box + "/gestures", "", """{"leads":["none"],"joint":"none"}""", 200),
        (
            "post " + Box + "/moves",
            "",
            """{"held":{"leads":["{lead}"],"pigtail":null,"farEnd":false,"fromJoint":null,"newId":"n1"}}""",
            200
        ),
        ("post " + Job + "/preview", "", """{"edits":[{"do":"noteBox","box":"{box}","note":"x"}]}""", 200),
        ("post " + Job + "/preview", "", """{"edits":[{"do":"removeDevice","box":"{box}","id":"none"}]}""", 200),
        ("post " + Job + "/rejudge", "", """{"edits":[{"do":"setPractice","key":"fastener.first","answer":"stricter"}]}""", 200),
        ("post " + Job + "/rejudge", "", """{"edits":[]}""", 422),
        ("post " + Box + "/live", "", "{}", 200),
        ("post " + Box + "/live", "", """{"situation":{"faults":[{"fault":"unbonded","box":"{box}"}]}}""", 200),
        ("post " + Box + "/live", "", """{"situation":{"celsius":900}}""", 422),
        ("post " + Box + "/live", "", """{"edit":{"do":"moveLead","box":"{box}","lead":"{lead}","to":{"at":"Loose"}}}""", 200),
        ("post " + Job + "/probe", "", """{"instrument":"meter","from":"metal:{box}","to":"earth"}""", 422),
        ("post " + Job + "/probe", "", """{"instrument":"meter","from":"{hot}","to":"{neutral}"}""", 200),
        (
            "post " + Box + "/compare",
            "",
            """{"real":{"instrument":"meter","from":"{hot}","to":"{neutral}","display":"Volts","volts":0}}""",
            200
        ),
        ("post " + Box + "/compare", "", """{"real":{"instrument":"meter","from":"no","to":"no","display":"Volts"}}""", 422),
        ("post /api/read-card", "", """{"card":"1 galley\n2,4 range 40A","slots":20}""", 200),
        ("post /api/read-lines", "", "Box is loose\nNo plate", 200),
        ("post /api/jobs", "", """{"id":"other","name":"Another house"}""", 200),
        ("post /api/jobs", "", """{"id":"Not an id","name":""}""", 422),
        ("post " + Job + "/copy", "", """{"id":"again","name":"A copy"}""", 200),
        (
            "post " + Job + "/boxes",
            "",
            """{"id":"k1","by":"ann","box":"kept","name":"Kept","holds":{"cables":[{"count":1,"gauge":"14","conductors":2}]}}""",
            200
        ),
        ("post " + Job + "/edits", "", """{"id":"c1","by":"ann","edit":{"do":"noteBox","box":"{box}","note":"seen"}}""", 200),
        ("post " + Job + "/edits", "", """{"id":"c2","by":"ann","edit":{"do":"noteBox","box":"none"}}""", 422),
        ("post " + Job + "/edits", "", """{"id":"c3","by":"ann","base":1,"edit":{"do":"noteBox","box":"{box}","note":"late"}}""", 409),
        ("post " + Job + "/undo", "", """{"id":"c4","by":"ann"}""", 200),
        ("post " + Job + "/redo", "", """{"id":"c5","by":"ann"}""", 200),
        ("post " + Job + "/undo", "", """{"id":"c6","by":"nobody"}""", 422),
        (
            "post " + Job + "/runs/{run}/into",
            "",
            """{"box":"mid","further":"mid-on","name":"In the loft","along":{"how":"Measured","value":"20 in"}}""",
            200
        ),
        ("post " + Job + "/runs/{run}/into", "", """{"box":"mid","further":"mid-on","name":"In the loft","change":"no-such"}""", 404),
        ("post " + Job + "/runs/{run}/into", "", """{"box":"{box}","further":"mid-on","name":"In the loft"}""", 422),
        ("post /api/import", "?copyAs=twin", "{file}", 200),
        ("post /api/import", "", "{}", 422),
    ];

    /// <summary>Questions whose answer has no body, or one that is no JSON; the stream of events is not among them.</summary>
    public static IReadOnlyList<(string Operation, string Query, string? Body)> WithoutJson { get; } =
    [
        ("get /schema/job.json", "", null),
        ("post " + Job + "/bin", "", """{"id":"s1","by":"ann"}"""),
        ("post " + Job + "/bring-back", "", """{"id":"s2","by":"ann"}"""),
        ("get " + Job + "/export", "?pictures=false", null),
        ("get " + Job + "/stock.csv", "", null),
        ("get " + Job + "/changes/{change}/work.csv", "", null),
        ("get " + Job + "/shopping.csv", "", null),
        ("post /api/read-stock", "", "part,van"),
        ("get " + Job + "/boxes.csv", "", null),
        ("get " + Box + "/fill.csv", "", null),
        ("get " + Job + "/verdicts.csv", "", null),
        ("get " + Box + "/label", "?v=3", null),
        ("get /api/label-tray/{label}", "", null),
        ("post /api/label-tray/empty", "", null),
        ("get " + Job + "/walls/{wall}/sheet.{kind}", "?metric=true", null),
        ("get " + Job + "/walls/{wall}/boxes/{box}/template.{kind}", "", null),
        ("get " + Job + "/outage.ics", "?start=2026-10-05T09:00:00Z", null),
        ("get " + Job + "/changes/{change}/handover.{kind}", "", null),
        ("get " + Box + "/card.{kind}", "", null),
        ("get " + Job + "/meter", "", null),
        ("get " + Job + "/photos/{sha}", "", null),
        ("get /api/classes/{class}/results.csv", "", null),
        ("get /api/classes/{class}/misses.csv", "", null),
        ("get /api/classes/{class}/photos/{sha}", "", null),
        ("post /api/classes/{class}/photos", "", "no picture"),
        ("post /api/classes/{class}/remove", "", null),
        ("post " + Job + "/photos", "", "no picture"),
    ];

    /// <summary>A question with names put in for what stands in braces.</summary>
    public static string Filled(string text, IReadOnlyDictionary<string, string> names) =>
        names.Aggregate(text, (all, name) => all.Replace($"{{{name.Key}}}", name.Value, StringComparison.Ordinal));
}
