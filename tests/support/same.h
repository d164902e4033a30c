#pragma once
// QCOMPARE for our enumerations: Qt Test would print them through the core's own toString, which gives another type.

#define SAME(actual, expected) QVERIFY2((actual) == (expected), #actual " is not " #expected)
