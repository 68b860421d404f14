namespace JollyBrook.Journeys;

/// <summary>
/// The party is asked how it is, the weakest first, by the clock; every answer is a line, and puts the next question off.
/// </summary>
public sealed class SignsJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take();
    private readonly Browser _phone;

    public SignsJourney() => _phone = _server.NewBrowser(390, 844);

    public void Dispose()
    {
        _phone.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void Everybody_is_asked_the_weakest_first_until_nobody_is_due()
    {
        // Six in the evening, hours after the last drink, whatever the hour is: everybody is due. Not about eight hours after the last
        // urine that was written: from then on whoever wrote it is asked first, and that is to come before the first question or not at all.
        var untilSix = DateTime.UtcNow.Date.AddHours(18) - DateTime.UtcNow;
        while (untilSix < TimeSpan.FromHours(9))
        {
            untilSix += TimeSpan.FromDays(1);
        }

        _phone.LetTimePass(untilSix);
        _phone.Open("/now");
        List<string> asked = [];
        for (var i = 0; i < 3; i++)
        {
            _phone.Click("link", FirstAsked());
            _phone.UntilText("What is felt and seen");
            asked.Add(_phone.Of(OpenQA.Selenium.By.XPath("//h1[starts-with(., 'How is ')]"), e => e.Text));
            if (i == 0)
            {
                // One grave sign is an emergency at once, before anything is written.
                _phone.Click("button", "Confused");
                _phone.UntilHeadline("Emergency: call for help now");
                _phone.Click("button", "Confused");
                _phone.Click("button", "Headache");
                _phone.Click("button", "Write this one down");
                _phone.UntilText(": headache. Look again at ");
            }
            else
            {
                _phone.Click("button", "None of these");
                _phone.UntilText(": nothing found. Look again at ");
            }

            _phone.Go("/now");
            _phone.UntilText("Who is behind");
        }

        asked.Distinct().Count().ShouldBe(3);
        _phone.Until(() => !_phone.Text.Contains("How is ", StringComparison.Ordinal), "nobody to be due");
        _phone.Go("/book");
        _phone.UntilText("Signs: headache");
        _phone.UntilText("Signs: none");

        // Three quarters of an hour later the one who was not well is asked again, before the others.
        _phone.LetTimePass(TimeSpan.FromMinutes(45));
        _phone.Open("/now");
        _phone.Until(() => FirstAsked() == asked[0], "the one who was not well to be asked about first");
    }

    private string FirstAsked()
    {
        string? name = null;
        _phone.Until(
            () =>
                (
                    name = _phone
                        .Driver.FindElements(
                            OpenQA.Selenium.By.XPath("//section[.//h2='Who is behind']//a[starts-with(normalize-space(.), 'How is ')]")
                        )
                        .FirstOrDefault()
                        ?.Text
                )
                    is not null,
            "somebody to ask"
        );
        return name!;
    }
}
